import type { ReactNode } from 'react';
import { useAnswer } from '../cut/CutContext';
import { FindingRow } from './FindingRow';

type StationId = 'CUT' | 'EDGE' | 'REACH' | 'MAKE';

interface Props {
  station: StationId;
  /** Which figures stand large on top. */
  keys: string[];
  children?: ReactNode;
}

/** Key figures, then the station's findings, worst first. */
export function Ledger({ station, keys, children }: Props) {
  const { answer, stale } = useAnswer();
  if (!answer) return <aside className="ledger" aria-label="Findings" />;
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
    <aside className={`ledger ${stale ? 'ledger-stale' : ''}`} aria-label="Findings">
      {stale && (
        <p className="stale" role="status">
          This is the last good answer: something typed cannot be used yet.
        </p>
      )}
      <dl className="keys">
        {shown.map((figure) => (
          <div key={figure.id}>
            <dt>{figure.label}</dt>
            <dd className="figures">{figure.text}</dd>
          </div>
        ))}
      </dl>
      {children}
      <ul className="findings">
        {findings.map((finding) => (
          <FindingRow key={finding.id} finding={finding} />
        ))}
      </ul>
      {station === 'CUT' && (
        <>
          <h3>{ahead.length > 0 ? 'In the way further on' : 'Nothing stands in the way further on.'}</h3>
          <ul className="findings">
            {ahead.map((finding) => (
              <FindingRow key={finding.id} finding={finding} />
            ))}
          </ul>
        </>
      )}
    </aside>
  );
}
