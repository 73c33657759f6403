import { Collapsible } from 'radix-ui';
import { memo, useState } from 'react';
import type { Finding } from '../api/client';
import { useEdit } from '../cut/CutContext';
import { Explained } from '../glossary/Explained';
import { MarginWedge } from './MarginWedge';
import { Working } from './Working';

const WORDS = { WRONG: 'will not do', DOUBTFUL: 'watch', FINE: 'holds', TOLD: 'to know' } as const;

interface Props {
  finding: Finding;
  /** What it said before the last change, when that is known. */
  was?: string;
}

/** One line of plain words; its working, source, cautions and schools on demand; what would mend it as buttons. */
export const FindingRow = memo(function FindingRow({ finding, was }: Props) {
  const edit = useEdit();
  const [open, setOpen] = useState(false);
  // What the last change has changed is lit for a moment.
  const lit = was !== undefined && was !== finding.statement;
  const troubled = finding.verdict === 'WRONG' || finding.verdict === 'DOUBTFUL';
  const mends = (
    <div className="mends">
      {finding.mends.map((mend) => (
        <button
          type="button"
          key={mend.label}
          className="mend"
          onClick={() => edit({ kind: 'field', id: mend.field, text: mend.text })}
        >
          {mend.label}
        </button>
      ))}
    </div>
  );
  return (
    <Collapsible.Root asChild open={open} onOpenChange={setOpen}>
      <li className={`finding finding-${finding.verdict.toLowerCase()}`} data-finding={finding.id}>
        <Collapsible.Trigger className="finding-line">
          <span className="finding-mark">
            <MarginWedge margin={finding.margin} verdict={finding.verdict} />
            <span className="finding-word">{WORDS[finding.verdict]}</span>
          </span>
          <span key={finding.statement} className={`finding-words ${lit ? 'animate-lit' : ''}`}>
            {finding.statement}
          </span>
          <span className="finding-more" aria-hidden="true">
            {open ? '–' : '+'}
          </span>
        </Collapsible.Trigger>
        {troubled && finding.mends.length > 0 && mends}
        {finding.cautions.length > 0 && (troubled || open) && (
          <ul className="cautions">
            {finding.cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
        )}
        <Collapsible.Content className="working">
          <Working steps={finding.working} />
          {finding.notes.map((note) => (
            <p key={note} className="note">
              <Explained text={note} prose />
            </p>
          ))}
          {finding.schools.length > 0 && (
            <ul className="schools">
              {finding.schools.map((school) => (
                <li key={school.name}>
                  <b>{school.name}</b>
                  {school.inForce ? ' (in force here)' : ''}: {school.reason}.
                </li>
              ))}
            </ul>
          )}
          {finding.source && <p className="source">Source: {finding.source}</p>}
          {!troubled && finding.mends.length > 0 && mends}
        </Collapsible.Content>
      </li>
    </Collapsible.Root>
  );
});
