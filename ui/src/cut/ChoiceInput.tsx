import { Select } from 'radix-ui';
import { memo, useCallback } from 'react';
import type { Choice } from '../api/client';
import { useEdit, useFieldState } from './CutContext';
import { useChoicesOf } from './families';

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

interface PickProps {
  label: string;
  value: string;
  text: string;
  choices: Choice[];
  wrong?: string;
  tail?: string;
  onPick: (id: string) => void;
}

export const PickList = memo(function PickList({ label, value, text, choices, wrong, tail, onPick }: PickProps) {
  return (
    <span className="pick">
      <Select.Root value={value} onValueChange={onPick}>
        <Select.Trigger
          className="-my-0.5 inline-flex min-h-touch items-center gap-1 border-b-2 border-dotted border-ink-2 text-left font-semibold text-accent aria-invalid:border-b-3 aria-invalid:border-double aria-invalid:border-warn aria-invalid:text-warn"
          aria-label={label}
          aria-invalid={!!wrong}
          data-field-pick={label}
        >
          <span>{text}</span>
          <span aria-hidden="true" className="text-[0.85em]">
            ▾
          </span>
        </Select.Trigger>
        <Select.Portal>
          <Select.Content
            className="z-30 max-h-[min(60vh,520px)] overflow-auto rounded-sm border border-ink-2 bg-paper shadow-[0_8px_24px_#0004]"
            position="popper"
            sideOffset={4}
            collisionPadding={12}
          >
            <Select.Viewport>
              {choices.map((choice) => (
                <Select.Item
                  key={choice.id}
                  value={choice.id}
                  className="pick-item flex min-h-touch cursor-pointer flex-col justify-center px-3.5 py-1.5 data-highlighted:bg-accent data-highlighted:text-accent-ink data-highlighted:outline-none"
                >
                  <Select.ItemText>{choice.words}</Select.ItemText>
                  {choice.more && <span className="text-fine opacity-80">{choice.more}</span>}
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
      {wrong && (
        <span role="alert" className="block text-small text-warn">
          {wrong}
        </span>
      )}
      {tail}
    </span>
  );
});
