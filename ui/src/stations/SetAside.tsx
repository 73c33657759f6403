import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, given, sentenceOf, type TrialRecord } from '../api/client';
import { readAgain } from '../api/readAgain';
import { askAgain } from '../cut/askAgain';
import { QUIET } from '../frame/looks';
import { notice } from '../frame/notices';
import { ForKeepers } from '../people/ForKeepers';

async function setAside(trial: TrialRecord, aside: boolean, queries: QueryClient): Promise<void> {
  try {
    await given(api.PUT('/api/proof/trials/{id}/aside', { params: { path: { id: trial.id } }, body: { aside } }));
    notice(
      aside
        ? `The trial of ${trial.onDay} is set aside: it stays on record and teaches nothing.`
        : `The trial of ${trial.onDay} counts again.`,
      { words: 'Undo', does: () => void setAside(trial, !aside, queries) },
    );
    await readAgain(queries, { queryKey: ['trials'] });
    askAgain();
  } catch (error) {
    notice(sentenceOf(error));
  }
}

/** Takes what a kept trial taught back, and lets it count again; says where it counts no more. */
export function SetAside({ trial }: { trial: TrialRecord }) {
  const queries = useQueryClient();
  const [busy, setBusy] = useState(false);
  const aside = trial.aside ?? false;
  return (
    <>
      {aside && <b className="aside block">Set aside: it teaches nothing.</b>}
      <ForKeepers>
        <button
          type="button"
          className={`${QUIET} print:hidden`}
          disabled={busy}
          onClick={() => {
            setBusy(true);
            void setAside(trial, !aside, queries).finally(() => setBusy(false));
          }}
        >
          {aside ? 'Let it count again' : 'Set aside'}
        </button>
      </ForKeepers>
    </>
  );
}
