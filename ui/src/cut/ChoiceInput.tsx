import { Select } from 'radix-ui';
import { memo, useCallback } from 'react';
import type { Choice } from '../api/client';
import { useAnswer, useEdit } from './CutContext';
import { useChoicesOf } from './families';

/** A value that is picked from a list, in the sentence. */
export function ChoiceInput({ field, tail }: { field: string; tail?: string }) {
  const choices = useChoicesOf(field);
  const edit = useEdit();
  const state = useAnswer().fields.get(field);
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
}

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
    <span className={`pick ${wrong ? 'value-wrong' : ''}`}>
      <Select.Root value={value} onValueChange={onPick}>
        <Select.Trigger className="pick-trigger" aria-label={label} aria-invalid={!!wrong} data-field-pick={label}>
          <span>{text}</span>
          <span aria-hidden="true" className="pick-mark">
            ▾
          </span>
        </Select.Trigger>
        <Select.Portal>
          <Select.Content className="pick-list" position="popper" sideOffset={4} collisionPadding={12}>
            <Select.Viewport>
              {choices.map((choice) => (
                <Select.Item key={choice.id} value={choice.id} className="pick-item">
                  <Select.ItemText>{choice.words}</Select.ItemText>
                  {choice.more && <span className="pick-more">{choice.more}</span>}
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
      {wrong && (
        <span role="alert" className="pick-wrong">
          {wrong}
        </span>
      )}
      {tail}
    </span>
  );
});
