import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, given } from '../api/client';
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

const NONE = 'none';

/** Picks a tool of the crib. A crib too long for a list is searched by words first. */
export function PickTool({ label, value, none, onPick }: Props) {
  const [words, setWords] = useState('');
  const [picked, setPicked] = useState('');
  const tools = useTools(words);
  const first = tools.data?.pages[0];
  const list = first?.tools ?? [];
  const there = list.find((one) => one.id === value);
  // One that was picked earlier need not be among the first of the crib.
  const other = useQuery({
    queryKey: ['tool', value],
    queryFn: () => given(api.GET('/api/crib/tools/{id}', { params: { path: { id: value } } })),
    enabled: value !== '' && first !== undefined && !there && picked === '',
    retry: false,
  });
  const name = picked || there?.name || other.data?.name || (other.error ? 'no longer in the crib' : '…');
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
        text={value === '' ? none : name}
        choices={[
          ...(value === '' ? [] : [{ id: NONE, words: none, more: '' }]),
          ...list.map((one) => ({ id: one.id, words: one.name, more: one.drawer })),
        ]}
        onPick={(id) => {
          setPicked(list.find((one) => one.id === id)?.name ?? '');
          onPick(id === NONE ? '' : id);
        }}
      />
    </>
  );
}
