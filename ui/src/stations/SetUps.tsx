import { useMutation } from '@tanstack/react-query';
import { api, given, sentenceOf } from '../api/client';
import { useCut, useEdit } from '../cut/CutContext';
import { MEND, QUIET, TOOL_HEAD } from '../frame/looks';
import { Plate } from '../plate/Plate';

const WORDS = { FINE: 'holds', DOUBTFUL: 'just holds', WRONG: 'fails', TOLD: '' } as const;

/** Ways to take this cut, tried against each other: the best to take over, and why the others lose. */
export function SetUps() {
  const { draft } = useCut();
  const edit = useEdit();
  const search = useMutation({
    mutationFn: () => given(api.POST('/api/plan/set-ups', { body: { fields: draft.fields, units: draft.units } })),
  });
  const found = search.data;
  return (
    <div className="set-ups [&_.tool-row-head]:items-start [&_.tool-row-head]:font-[450] [&_[role=status]]:py-1.5">
      <button type="button" className={QUIET} disabled={search.isPending} onClick={() => search.mutate()}>
        Search set-ups
      </button>
      {search.error && <p role="alert">{sentenceOf(search.error)}</p>}
      {found && (
        <section aria-label="Set-ups found">
          <p role="status">
            {found.hold} of {found.tried} set-ups hold all that is asked
            {found.lost.length > 0 && <>; lost: {found.lost.join(', ')}</>}.
          </p>
          <ul className="tools">
            {found.best.map((one) => (
              <li key={one.words} className="tool-row border-t border-line py-1.5">
                <div className={TOOL_HEAD}>
                  <span>{one.words}</span>
                  <span className="whitespace-nowrap rounded-xs border-[1.5px] border-current px-1.75 text-fine">
                    {WORDS[one.verdict]}
                  </span>
                  <button type="button" className={MEND} onClick={() => edit({ kind: 'fields', fields: one.take })}>
                    Take it
                  </button>
                </div>
                <p>{one.does}</p>
              </li>
            ))}
          </ul>
          {found.plate && <Plate scene={found.plate} still />}
          {found.balances.map((line) => (
            <p key={line} className="text-ink-2">
              {line}
            </p>
          ))}
        </section>
      )}
    </div>
  );
}
