import { Collapsible } from 'radix-ui';
import type { TrialAnswer } from '../api/client';
import { useEdit } from '../cut/CutContext';
import type { Edit } from '../cut/draft';
import { ComparedTable } from '../frame/ComparedTable';
import { DO } from '../frame/looks';
import { Working } from '../ledger/Working';

/** The change as an edit: the plan with it, and the next piece's trial told of what was moved. */
const done = (next: NonNullable<TrialAnswer['next']>): Edit => ({
  kind: 'done',
  fields: next.field ? { [next.field]: next.text } : {},
  readings: next.readings,
});

/** What was measured beside what was predicted, one change next, and what would explain the difference. */
export function Judgement({ judged, onDone }: { judged: TrialAnswer; onDone: () => void }) {
  const edit = useEdit();
  const next = judged.next;
  const toldOn = next !== undefined && next !== null && Object.keys(next.readings).length > 0;
  return (
    <>
      <ComparedTable heads={['Predicted', 'Measured']}>
        {judged.compared.map((row) => (
          <tr key={row.what}>
            <th scope="row">{row.what}</th>
            <td className="figures">{row.predicted}</td>
            <td className="figures">
              {row.measured || '—'}
              {row.measured && !row.within && (
                <span className="border-b-2 border-warn font-words font-bold text-warn"> off</span>
              )}
            </td>
          </tr>
        ))}
      </ComparedTable>
      <div className="my-3 rounded-edge border-2 border-accent px-3 pt-1.5 pb-2.5 [&_h2]:mt-0 [&_h2]:mb-1.25 [&_p]:mt-1.5">
        <h2>One change next</h2>
        {next && !next.field ? <p className="font-semibold">{next.label}</p> : null}
        {next?.field && !toldOn ? (
          <button type="button" className={DO} onClick={() => edit({ kind: 'field', id: next.field, text: next.text })}>
            {next.label}
          </button>
        ) : null}
        {next?.field && toldOn ? <p className="font-semibold">{next.label}</p> : null}
        <p>{judged.expected}</p>
        {next && toldOn ? (
          <>
            <button
              type="button"
              className={`${DO} mt-2`}
              onClick={() => {
                edit(done(next));
                onDone();
              }}
            >
              Done: measure again
            </button>
            <p className="text-sm text-ink-2">
              Keep this trial first. What was read is cleared, what was moved is remembered.
            </p>
          </>
        ) : null}
      </div>
      {judged.causes.length > 0 && (
        <>
          <h2>What would explain it, likeliest first</h2>
          <ol className="causes [&>li]:border-t [&>li]:border-line [&>li]:pt-1 [&>li]:pb-1.5">
            {judged.causes.map((cause) => (
              <Collapsible.Root asChild key={cause.id}>
                <li data-cause={cause.id}>
                  <Collapsible.Trigger className="flex min-h-touch w-full items-center gap-2.5 text-left">
                    <span
                      className="h-2.5 w-15 flex-none border-[1.5px] border-ink [&>i]:block [&>i]:h-full [&>i]:bg-ink"
                      aria-hidden="true"
                    >
                      <i style={{ width: `${Math.round(cause.fit * 100)}%` }} />
                    </span>
                    <span>
                      <b>{cause.title}</b> <span className="figures">{Math.round(cause.fit * 100)} % fit</span>
                    </span>
                  </Collapsible.Trigger>
                  <p>{cause.explains}</p>
                  <Collapsible.Content className="working ml-1 border-l-3 border-line pt-1 pb-1.5 pl-2.5">
                    <Working steps={cause.working} />
                  </Collapsible.Content>
                </li>
              </Collapsible.Root>
            ))}
          </ol>
        </>
      )}
    </>
  );
}
