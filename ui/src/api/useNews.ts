import { useQuery } from '@tanstack/react-query';
import { api, given, type Schemas } from './client';
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
  const news = useQuery({
    queryKey: ['news', record ?? ''],
    queryFn: () => given(api.GET('/api/news', { params: { query: { record } } })),
    refetchInterval: EVERY_MS,
    refetchOnWindowFocus: true,
    enabled: several && record !== 'new',
    gcTime: 0,
  });
  return news.data;
}
