import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, given, type Schemas, SIGNED_OUT } from './client';
import { useMe } from './records';

/** Often enough that what somebody else has changed is told within five seconds. */
const EVERY_MS = 3000;

/**
 * What has become of a record since this page read it, who else has it open, and whether a machine has changed; asked while the page
 * is looked at, where several people work. Undefined until it is known.
 *
 * @param record its id; undefined for the machines alone
 */
export function useNews(record?: string): Schemas['News'] | undefined {
  const me = useMe();
  const several = me.data?.network === true && me.data.name !== '';
  const kept = record === 'new' ? undefined : record;
  const news = useQuery({
    queryKey: ['news', kept ?? ''],
    queryFn: () => given(api.GET('/api/news', { params: { query: { record: kept } } })),
    refetchInterval: EVERY_MS,
    refetchOnWindowFocus: true,
    enabled: several,
    gcTime: 0,
  });
  // In another tab of this browser somebody else has signed in: this one is asked who is here.
  const another = news.data !== undefined && news.data.you !== me.data?.name;
  useEffect(() => {
    if (another) window.dispatchEvent(new Event(SIGNED_OUT));
  }, [another]);
  return news.data;
}
