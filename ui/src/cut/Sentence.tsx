import { memo } from 'react';
import { ChoiceInput } from './ChoiceInput';
import { useOfAnswer } from './CutContext';
import { ValueInput } from './ValueInput';

/** The whole cut in words, as its family declares them; each value is changed where it stands. */
export const Sentence = memo(function Sentence() {
  const parts = useOfAnswer((plan) => plan.page?.sentence) ?? [];
  return (
    <section
      className="sentence isolate flex flex-wrap items-baseline gap-x-1.75 gap-y-0.5 px-5 pt-2 pb-1.5 text-lead max-bench:px-3 print:hidden"
      aria-label="The cut in words"
    >
      {parts.map((part, i) => {
        if (part.kind === 'VALUE') return <ValueInput key={part.text} field={part.text} place="sentence" />;
        if (part.kind === 'CHOICE') return <ChoiceInput key={part.text} field={part.text} tail={part.tail} />;
        return <span key={`${i} ${part.text}`}>{part.text}</span>;
      })}
    </section>
  );
});
