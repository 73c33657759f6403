import { Popover } from 'radix-ui';
import { useId, useRef, useState } from 'react';
import { useCut } from './CutContext';

interface Props {
  field: string;
  /** Shown above the value; hidden where the sentence says it already. */
  caption?: boolean;
  /** Where it stands: in the sentence or on the plate. */
  place: 'sentence' | 'plate';
}

/** A value that is typed over where it stands: on the plate or in the sentence. */
export function ValueInput({ field, caption = false, place }: Props) {
  const { draft, edit, fields } = useCut();
  const state = fields.get(field);
  const typed = draft.fields[field] ?? '';
  const [focused, setFocused] = useState(false);
  const [leaving, setLeaving] = useState<string>();
  const before = useRef('');
  const tip = useId();
  if (!state) return null;
  const shown = focused ? (leaving ?? (typed || state.text)) : typed || state.text;
  const wrong = state.error !== '';
  const width = `${Math.max(4, shown.length + 1.2)}ch`;

  const change = (text: string) => {
    setLeaving(text);
    edit({ kind: 'field', id: field, text });
  };

  return (
    <Popover.Root open={wrong || focused}>
      <Popover.Anchor asChild>
        <span className={`value value-${place} ${wrong ? 'value-wrong' : ''} ${state.chosen ? 'value-chosen' : ''}`}>
          {caption && <span className="value-caption">{state.label}</span>}
          <input
            type="text"
            data-field={field}
            aria-label={state.label}
            aria-invalid={wrong}
            aria-describedby={wrong || focused ? tip : undefined}
            style={{ width }}
            value={shown}
            spellCheck={false}
            autoComplete="off"
            onFocus={(event) => {
              before.current = typed;
              setLeaving(undefined);
              setFocused(true);
              event.target.select();
            }}
            onBlur={() => {
              setFocused(false);
              setLeaving(undefined);
            }}
            onChange={(event) => change(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === 'Enter') event.currentTarget.blur();
              if (event.key === 'Escape') {
                change(before.current);
                setLeaving(undefined);
                event.stopPropagation();
              }
            }}
          />
        </span>
      </Popover.Anchor>
      <Popover.Portal>
        <Popover.Content
          className={`tip ${wrong ? 'tip-wrong' : ''}`}
          id={tip}
          role={wrong ? 'alert' : 'note'}
          aria-label={`About ${state.label}`}
          sideOffset={6}
          side="bottom"
          align="start"
          collisionPadding={12}
          onOpenAutoFocus={(event) => event.preventDefault()}
          onCloseAutoFocus={(event) => event.preventDefault()}
        >
          {wrong ? (
            <p>{state.error}</p>
          ) : (
            <>
              {(state.other || state.note) && (
                <p className="figures">{[state.note, state.other].filter(Boolean).join(' · ')}</p>
              )}
              {state.low && (
                <p>
                  <b>
                    {state.low} to {state.high}
                  </b>
                  , {state.advised} advised. {state.reason}
                </p>
              )}
              {state.chosen && !state.low && <p>Chosen for you. Type over it to set it; empty gives it back.</p>}
              {!state.chosen && state.low && <p>Yours. Empty it to take the advice.</p>}
              {!state.low && !state.chosen && !state.other && !state.note && <p>{state.label}</p>}
            </>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
