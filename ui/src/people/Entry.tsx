import { useId } from 'react';
import { FIELD, READING } from '../frame/looks';

interface Props {
  words: string;
  value: string;
  /** What is wrong with it, told beside it; nothing when nothing is. */
  wrong: string | undefined;
  type?: 'text' | 'password';
  complete: string;
  onChange: (text: string) => void;
}

/** An entry of a form, with what is wrong told beside it. */
export function Entry({ words, value, wrong, type = 'text', complete, onChange }: Props) {
  const id = useId();
  return (
    <div className={`${READING} ${wrong ? 'reading-wrong' : ''}`}>
      <label htmlFor={id}>{words}</label>
      <input
        id={id}
        className={FIELD}
        type={type}
        autoComplete={complete}
        autoCapitalize="none"
        value={value}
        aria-invalid={!!wrong}
        aria-describedby={wrong ? `${id}-wrong` : undefined}
        onChange={(event) => onChange(event.target.value)}
      />
      {wrong && (
        <em role="alert" id={`${id}-wrong`}>
          {wrong}
        </em>
      )}
    </div>
  );
}
