import type { ReactNode } from 'react';
import { useAnswer } from '../cut/CutContext';
import { Explained } from '../glossary/Explained';
import { FindingRow } from './FindingRow';
import { Holding } from './Holding';
import { Standing } from './Standing';

type StationId = 'CUT' | 'EDGE' | 'REACH' | 'MAKE';

interface Props {
  station: StationId;
  /** Which figures stand large on top. */
  keys: string[];
  children?: ReactNode;
}

/** Key figures, then the station's findings, worst first; what holds is folded to one line. */
export function Ledger({ station, keys, children }: Props) {
  const { answer, stale, late, was } = useAnswer();
  if (!answer)
    return (
      <aside className="ledger block min-w-0" aria-label="Findings">
        <Standing />
      </aside>
    );
  const shown = keys
    .map((id) => answer.figures.find((figure) => figure.id === id))
    .filter((figure) => figure !== undefined);
  const findings = answer.findings.filter((finding) => finding.station === station);
  // The first station also says what stands in the way further on.
  const ahead =
    station === 'CUT'
      ? answer.findings.filter((f) => f.station !== 'CUT' && (f.verdict === 'WRONG' || f.verdict === 'DOUBTFUL'))
      : [];
  return (
    <aside className={`ledger isolate block min-w-0 ${stale || late ? 'not-now' : ''}`} aria-label="Findings">
      <Standing />
      <dl className="keys mb-2 flex flex-wrap gap-6.5 [&_dd]:text-key [&_dd]:leading-[1.15] [&_dd]:font-semibold [&_dd]:whitespace-nowrap [&_dt]:text-fine [&_dt]:text-ink-2">
        {shown.map((figure) => (
          <div key={figure.id}>
            <dt>
              <Explained text={figure.label} />
            </dt>
            <dd
              className={`figures veil ${(was.get(`figure ${figure.id}`) ?? figure.text) === figure.text ? '' : 'lit'}`}
            >
              {figure.text}
            </dd>
          </div>
        ))}
      </dl>
      {children}
      <ul className="findings">
        {findings
          .filter((finding) => finding.verdict !== 'FINE')
          .map((finding) => (
            <FindingRow key={finding.id} finding={finding} was={was.get(finding.id)} />
          ))}
      </ul>
      <Holding findings={findings.filter((finding) => finding.verdict === 'FINE')} />
      {station === 'CUT' && (
        <>
          <h2 hidden={stale && ahead.length === 0}>
            {ahead.length > 0 ? 'In the way further on' : 'Nothing stands in the way further on.'}
          </h2>
          <ul className="findings">
            {ahead.map((finding) => (
              <FindingRow key={finding.id} finding={finding} was={was.get(finding.id)} />
            ))}
          </ul>
        </>
      )}
    </aside>
  );
}
