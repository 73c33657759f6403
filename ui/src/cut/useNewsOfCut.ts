import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { api, type Choices, given, type LatheRecord } from '../api/client';
import { readAgain } from '../api/readAgain';
import { useNews } from '../api/useNews';
import { notice } from '../frame/notices';
import type { Draft, History } from './draft';
import type { Saving } from './useSaving';

/** Takes in what somebody else has saved of the cut, or changed of the machine that it stands on. Returns who else has it open. */
export function useNewsOfCut(
  latest: { readonly now: Draft },
  saving: Saving,
  change: (change: (old: History) => History) => void,
  lathes: LatheRecord[],
  { latheEntries }: Choices,
): string[] {
  const queries = useQueryClient();
  const { id } = latest.now;
  const news = useNews(id);
  const { takeIn, isOnWay } = saving;
  const version = news?.version ?? 0;
  useEffect(() => {
    if (version <= latest.now.version || isOnWay()) return;
    given(api.GET('/api/cuts/{id}', { params: { path: { id } } }))
      .then((record) => {
        if (record.version > latest.now.version && !isOnWay()) takeIn(record);
      })
      // Asked again with the next news.
      .catch(() => undefined);
  }, [version, id, latest, takeIn, isOnWay]);

  const machines = news?.machines;
  const knew = useRef(machines);
  const read = useRef(lathes);
  useEffect(() => {
    if (machines && knew.current && machines !== knew.current) void readAgain(queries, { queryKey: ['lathes'] });
    if (machines) knew.current = machines;
  }, [machines, queries]);
  useEffect(() => {
    const before = read.current.find((one) => one.id === latest.now.fields.lathe);
    const now = lathes.find((one) => one.id === latest.now.fields.lathe);
    read.current = lathes;
    if (!before || !now || before.version === now.version) return;
    // The same texts as other texts: what was planned with the machine as it was is asked anew.
    change((old) => ({ ...old, now: { ...old.now, fields: { ...old.now.fields } } }));
    notice(machineChanged(before, now, (entry) => latheEntries.find(({ id }) => id === entry)?.words ?? entry));
  }, [lathes, latest, change, latheEntries]);
  return news?.others ?? [];
}

/** What of a machine was changed by whom, in a sentence. */
function machineChanged(before: LatheRecord, now: LatheRecord, called: (entry: string) => string): string {
  const entries = [...new Set([...Object.keys(before.card), ...Object.keys(now.card)])]
    .filter((entry) => (before.card[entry] ?? '') !== (now.card[entry] ?? ''))
    .map((entry) => `${called(entry)}: ${before.card[entry] || 'empty'} → ${now.card[entry] || 'empty'}`);
  const who = now.savedBy || 'somebody else';
  return `${now.card.name ?? 'The machine'} was changed by ${who}: ${entries.join('; ')}. What is shown is planned with it.`;
}
