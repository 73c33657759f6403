import { memo } from 'react';
import type { Schemas } from '../api/client';
import { ChoiceInput } from './ChoiceInput';
import { useOfAnswer } from './CutContext';
import { ValueInput } from './ValueInput';

/** The mark that words begin with: it stands right behind the value before them, and never first on a line. */
const mark = (part: Schemas['SentencePart'] | undefined): string =>
  part?.kind === 'WORDS' ? (/^[;,.:)]+/.exec(part.text)?.[0] ?? '') : '';

/** The whole cut in words, as its family declares them; each value is changed where it stands. */
export const Sentence = memo(function Sentence() {
  const parts = useOfAnswer((plan) => plan.page?.sentence) ?? [];
  return (
    <section
      className="sentence isolate flex flex-wrap items-baseline gap-x-1.75 gap-y-0.5 px-5 pt-2 pb-1.5 text-lead max-bench:px-3 print:hidden"
      aria-label="The cut in words"
    >
      {parts.map((part, i) => {
        if (part.kind === 'VALUE')
          return (
            <span key={part.text} className="inline-flex items-baseline whitespace-nowrap">
              <ValueInput field={part.text} place="sentence" />
              {mark(parts[i + 1])}
            </span>
          );
        if (part.kind === 'CHOICE') return <ChoiceInput key={part.text} field={part.text} tail={part.tail} />;
        const words = part.text.slice(mark(parts[i - 1]?.kind === 'VALUE' ? part : undefined).length).trim();
        return words === '' ? null : <span key={`${i} ${part.text}`}>{words}</span>;
      })}
    </section>
  );
});
