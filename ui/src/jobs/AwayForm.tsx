import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, given, sentenceOf } from '../api/client';
import { readAgain } from '../api/readAgain';
import { PickList } from '../cut/ChoiceInput';
import { QUIET } from '../frame/looks';
import { later, now } from './clock';
import { useWeek } from './records';

const SPANS = [
  { id: '30', words: 'half an hour', more: '' },
  { id: '60', words: 'an hour', more: '' },
  { id: '120', words: 'two hours', more: '' },
  { id: '240', words: 'half a day', more: '' },
  { id: '1440', words: 'until tomorrow, this time', more: '' },
];

/** Somebody leaves for a while, from now on: it is written down, and planned anew. */
export function AwayForm({ onAway }: { onAway: () => void }) {
  const week = useWeek().data;
  const queries = useQueryClient();
  const [who, setWho] = useState('');
  const [said, setSaid] = useState('');
  if (!week || week.persons.length === 0) return null;
  const leave = async (minutes: string) => {
    const at = now();
    const away = { from: at, to: later(at, Number(minutes)) };
    const persons = week.persons.map((one) => (one.id === who ? { ...one, away: [...one.away, away] } : one));
    try {
      await given(api.PUT('/api/week', { body: { ...week, persons } }));
      setWho('');
      setSaid('');
      onAway();
    } catch (error) {
      setSaid(sentenceOf(error));
    } finally {
      await readAgain(queries, { queryKey: ['week'] });
    }
  };
  return (
    <span className="inline-flex flex-wrap items-center gap-x-2">
      <PickList
        label="Somebody is away"
        value={who}
        text={week.persons.find((one) => one.id === who)?.name ?? 'Somebody is away'}
        choices={week.persons.map((one) => ({ id: one.id, words: one.name, more: '' }))}
        onPick={setWho}
      />
      {who && (
        <>
          <PickList
            label="For how long"
            value=""
            text="for how long?"
            choices={SPANS}
            onPick={(minutes) => void leave(minutes)}
          />
          <button type="button" className={QUIET} onClick={() => setWho('')}>
            No
          </button>
        </>
      )}
      {said && <span role="alert">{said}</span>}
    </span>
  );
}
