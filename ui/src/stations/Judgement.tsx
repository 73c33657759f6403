import { Collapsible } from 'radix-ui';
import type { TrialAnswer } from '../api/client';
import { useEdit } from '../cut/CutContext';
import { ComparedTable } from '../frame/ComparedTable';
import { DO } from '../frame/looks';
import { Working } from '../ledger/Working';

/** What was measured beside what was predicted, one change next, and what would explain the difference. */
export function Judgement({ judged }: { judged: TrialAnswer }) {
  const edit = useEdit();
  const next = judged.next;
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
        {next?.field ? (
          <button type="button" className={DO} onClick={() => edit({ kind: 'field', id: next.field, text: next.text })}>
            {next.label}
          </button>
        ) : null}
        <p>{judged.expected}</p>
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
