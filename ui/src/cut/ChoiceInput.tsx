import { Select } from 'radix-ui';
import { memo, useCallback } from 'react';
import type { Choice } from '../api/client';
import { useEdit, useFieldState } from './CutContext';
import { useChoicesOf } from './families';
import { LongList } from './LongList';

/** A value that is picked from a list, in the sentence. */
export const ChoiceInput = memo(function ChoiceInput({ field, tail }: { field: string; tail?: string }) {
  const choices = useChoicesOf(field);
  const edit = useEdit();
  const state = useFieldState(field);
  const pick = useCallback((id: string) => edit({ kind: 'field', id: field, text: id }), [edit, field]);
  if (!state) return null;
  return (
    <PickList
      label={state.label}
      value={state.typed || ''}
      text={choices.find((choice) => choice.id === state.typed)?.words ?? (state.typed ? state.text : 'choose')}
      choices={choices}
      wrong={state.error}
      tail={tail}
      onPick={pick}
    />
  );
});

export interface ListProps {
  label: string;
  value: string;
  text: string;
  choices: Choice[];
  wrong?: string;
  onPick: (id: string) => void;
}

/** From this many choices on a list has a field that finds among them: more than stand in a low window at once. */
const LONG = 9;

export const PickList = memo(function PickList({ tail, ...list }: ListProps & { tail?: string }) {
  return (
    <span className="pick">
      {list.choices.length < LONG ? <ShortList {...list} /> : <LongList {...list} />}
      {list.wrong && (
        <span role="alert" className="block text-small text-warn">
          {list.wrong}
        </span>
      )}
      {tail}
    </span>
  );
});

export const PICKED =
  '-my-0.5 inline-flex min-h-touch items-center gap-1 border-b-2 border-dotted border-ink-2 text-left font-semibold text-accent aria-invalid:border-b-3 aria-invalid:border-double aria-invalid:border-warn aria-invalid:text-warn';

export const LIST = 'z-30 rounded-sm border border-ink-2 bg-paper shadow-[0_8px_24px_#0004]';

export const ITEM = 'pick-item flex min-h-touch cursor-pointer flex-col justify-center px-3.5 py-1.5';

/** What is picked, and the sign that a list opens there. */
export function Picked({ text }: { text: string }) {
  return (
    <>
      <span>{text}</span>
      <span aria-hidden="true" className="text-[0.85em]">
        ▾
      </span>
    </>
  );
}

function ShortList({ label, value, text, choices, wrong, onPick }: ListProps) {
  return (
    <Select.Root value={value} onValueChange={onPick}>
      <Select.Trigger className={PICKED} aria-label={label} aria-invalid={!!wrong} data-field-pick={label}>
        <Picked text={text} />
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          className={`${LIST} max-h-[min(60vh,520px)] overflow-auto`}
          position="popper"
          sideOffset={4}
          collisionPadding={12}
        >
          <Select.Viewport>
            {choices.map((choice) => (
              <Select.Item
                key={choice.id}
                value={choice.id}
                className={`${ITEM} data-highlighted:bg-accent data-highlighted:text-accent-ink data-highlighted:outline-none`}
              >
                <Select.ItemText>{choice.words}</Select.ItemText>
                {choice.more && <span className="text-fine opacity-80">{choice.more}</span>}
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}
