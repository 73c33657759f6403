import { ChoiceInput } from './ChoiceInput';
import { useAnswer } from './CutContext';
import { ValueInput } from './ValueInput';

/** The whole cut in words, as its family declares them; each value is changed where it stands. */
export function Sentence() {
  const parts = useAnswer().page?.sentence ?? [];
  return (
    <section className="sentence" aria-label="The cut in words">
      {parts.map((part, i) => {
        if (part.kind === 'VALUE') return <ValueInput key={part.text} field={part.text} place="sentence" />;
        if (part.kind === 'CHOICE') return <ChoiceInput key={part.text} field={part.text} tail={part.tail} />;
        return <span key={`${i} ${part.text}`}>{part.text}</span>;
      })}
    </section>
  );
}
