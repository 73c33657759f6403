import { useState } from 'react';
import { useTools } from '../api/records';
import { PickList } from '../cut/ChoiceInput';
import { FIELD } from '../frame/looks';

interface Props {
  label: string;
  value: string;
  /** What stands there while no tool is picked. */
  none: string;
  onPick: (id: string) => void;
}

/** Picks a tool of the crib. A crib too long for a list is searched by words first. */
export function PickTool({ label, value, none, onPick }: Props) {
  const [words, setWords] = useState('');
  const [picked, setPicked] = useState('');
  const tools = useTools(words);
  const first = tools.data?.pages[0];
  const list = first?.tools ?? [];
  return (
    <>
      {(first?.more || words !== '') && (
        <input
          className={FIELD}
          type="search"
          aria-label={`${label}: find by words`}
          placeholder="Find by words"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
      )}
      <PickList
        label={label}
        value={value}
        text={value === '' ? none : picked || (list.find((one) => one.id === value)?.name ?? none)}
        choices={list.map((one) => ({ id: one.id, words: one.name, more: one.drawer }))}
        onPick={(id) => {
          setPicked(list.find((one) => one.id === id)?.name ?? '');
          onPick(id);
        }}
      />
    </>
  );
}
