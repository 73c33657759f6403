import { useState } from 'react';
import type { CutPageParts, FieldState } from '../api/client';
import { ChoiceInput } from '../cut/ChoiceInput';
import { useAnswer } from '../cut/CutContext';
import { useChoicesOf } from '../cut/families';
import { ValueInput } from '../cut/ValueInput';

/**
 * How what a station shows stands to what is typed; nothing where it is the answer to it. Of a cut that could not be worked
 * out yet, what stands in the way can be put right here, for its drawing is not there to type on.
 */
export function Standing() {
  const { answer, stale, late, fields, page } = useAnswer();
  // What is being put right stays until it is left: the first figure of a number may be an answer already.
  const [mending, setMending] = useState<string[]>([]);
  const wrong = [...fields.values()].filter((field) => field.error !== '');
  if (!answer || mending.length > 0) {
    const listed = [...fields.values()].filter((field) => field.error !== '' || mending.includes(field.id));
    if (listed.length === 0) return null;
    return <Unusable fields={listed} done={wrong.length === 0} onMend={setMending} />;
  }
  if (stale)
    return (
      <div className="stale mb-2 bg-caution px-3 py-1.5" role="status">
        {wrong.map((field) => (
          <p key={field.id} className="text-xl! font-bold! leading-snug!">
            {/* What stands in the sentence is said there, beside it. */}
            {inSentence(page, field.id)
              ? `${field.label} cannot be used as it is typed.`
              : `${field.label}: ${field.error}`}
          </p>
        ))}
        <p>This is the last good answer.</p>
      </div>
    );
  if (late)
    return (
      <p className="stale mb-2 bg-caution px-3 py-1.5" role="status">
        Working it out again: these are still the numbers of before.
      </p>
    );
  return null;
}

const inSentence = (page: CutPageParts | undefined, field: string) =>
  page?.sentence.some((part) => part.kind !== 'WORDS' && part.text === field) ?? false;

interface UnusableProps {
  fields: FieldState[];
  done: boolean;
  onMend: (ids: string[]) => void;
}

function Unusable({ fields, done, onMend }: UnusableProps) {
  return (
    <section
      className="unusable mb-3"
      aria-label="What stands in the way"
      onFocus={() => onMend(fields.map((field) => field.id))}
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) onMend([]);
      }}
    >
      <div role="status">
        <h2>{done ? 'Put right.' : 'This cut cannot be worked out until these are put right'}</h2>
      </div>
      <ul className="[&>li]:border-t [&>li]:border-line [&>li]:py-1.5">
        {fields.map((field) => (
          <li key={field.id}>
            <PutRight field={field} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What stands in the sentence is put right there; what would stand on the drawing, here. */
function PutRight({ field }: { field: FieldState }) {
  const inTheSentence = inSentence(useAnswer().page, field.id);
  const picked = useChoicesOf(field.id).length > 0;
  if (inTheSentence)
    return (
      <>
        <b>{field.label}</b> {field.typed && !picked && <span className="figures">{field.typed}</span>}: {field.error}
      </>
    );
  if (picked)
    return (
      <>
        {field.label}: <ChoiceInput field={field.id} />
      </>
    );
  return (
    <>
      <ValueInput field={field.id} caption place="list" />
      {field.error && (
        <p className="mt-1.5 text-warn" role="alert">
          {field.error}
        </p>
      )}
    </>
  );
}
