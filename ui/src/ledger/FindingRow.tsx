import { Collapsible } from 'radix-ui';
import { memo, useState } from 'react';
import type { Finding, Schemas } from '../api/client';
import { useEdit } from '../cut/CutContext';
import { useOpenBeside } from '../cut/useTyped';
import { CAUTIONS, MEND } from '../frame/looks';
import { Explained } from '../glossary/Explained';
import { MarginWedge } from './MarginWedge';
import { Working } from './Working';

/** A verdict in words. */
export const WORDS = { WRONG: 'will not do', DOUBTFUL: 'watch', FINE: 'holds', TOLD: 'to know' } as const;

const LOOKS = {
  WRONG: { word: 'font-[650] text-warn', words: 'font-semibold' },
  DOUBTFUL: { word: 'font-[650]', words: '' },
  FINE: { word: 'font-[450] text-ink-2', words: '' },
  TOLD: { word: 'font-[450] text-ink-2', words: '' },
} as const;

type Fix = Schemas['Fix'];

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
    <div className={`flex flex-wrap gap-1.5 pt-1 pb-1.25 ${troubled ? 'pl-[100px] max-hand:pl-0' : ''}`}>
      {finding.mends.map((mend) =>
        Object.keys(mend.opens).length > 0 ? (
          <OpensBeside key={mend.label} {...mend} />
        ) : mend.field === '' ? (
          // Done at the machine: nothing to type.
          <p key={mend.label} className="w-full text-small text-ink-2">
            {mend.label}.
          </p>
        ) : (
          <button
            type="button"
            key={mend.label}
            className={MEND}
            onClick={() => edit({ kind: 'field', id: mend.field, text: mend.text })}
          >
            {mend.label}
          </button>
        ),
      )}
    </div>
  );
  return (
    <Collapsible.Root asChild open={open} onOpenChange={setOpen}>
      <li className="finding border-t border-line pt-1 pb-1.5" data-finding={finding.id}>
        <Collapsible.Trigger className="finding-line grid min-h-[42px] w-full grid-cols-[92px_1fr_22px] items-center gap-2 text-left max-hand:grid-cols-[64px_1fr_22px]">
          <span className="flex flex-col items-start">
            <MarginWedge margin={finding.margin} verdict={finding.verdict} />
            <span className={`text-[0.88rem] whitespace-nowrap ${LOOKS[finding.verdict].word}`}>
              {WORDS[finding.verdict]}
            </span>
          </span>
          <span className={`veil ${LOOKS[finding.verdict].words} ${lit ? 'lit' : ''}`}>{finding.statement}</span>
          <span className="text-center font-numbers text-[1.2rem] text-ink-2" aria-hidden="true">
            {open ? '–' : '+'}
          </span>
        </Collapsible.Trigger>
        {troubled && finding.mends.length > 0 && mends}
        {finding.cautions.length > 0 && (troubled || open) && (
          <ul className={CAUTIONS}>
            {finding.cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
        )}
        {/* Not even looked after while it is shut: most lines are, at every answer. */}
        {open && (
          <Collapsible.Content className="working ml-1 border-l-3 border-line pt-1 pb-1.5 pl-2.5">
            <Working steps={finding.working} />
            {finding.notes.map((note) => (
              <p key={note} className="my-1.5">
                <Explained text={note} prose />
              </p>
            ))}
            {finding.schools.length > 0 && (
              <ul className="my-1.5 list-disc pl-5 text-small">
                {finding.schools.map((school) => (
                  <li key={school.name}>
                    <b>{school.name}</b>
                    {school.inForce ? ' (in force here)' : ''}: {school.reason}.
                  </li>
                ))}
              </ul>
            )}
            {finding.source && <p className="my-1.25 text-fine text-ink-2">Source: {finding.source}</p>}
            {!troubled && finding.mends.length > 0 && mends}
          </Collapsible.Content>
        )}
      </li>
    </Collapsible.Root>
  );
});

/** A mend that is another cut: opened beside this one. */
/** Opens another cut beside this one. */
export function OpensBeside({ label, opens }: Fix) {
  const openBeside = useOpenBeside();
  return (
    <button type="button" className={MEND} onClick={() => openBeside(opens)}>
      {label}
    </button>
  );
}
