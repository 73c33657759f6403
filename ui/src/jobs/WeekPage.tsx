import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, given, Refused, sentenceOf } from '../api/client';
import { readAgain } from '../api/readAgain';
import { PickList } from '../cut/ChoiceInput';
import { Header } from '../frame/Header';
import { DO, FIELD, QUIET, READING, SHOP } from '../frame/looks';
import { ownStore } from '../frame/ownStore';
import { useTitle } from '../frame/useTitle';
import { ForKeepers } from '../people/ForKeepers';
import { momentInWords, now } from './clock';
import { JobTabs } from './JobTabs';
import { newId } from './jobDraft';
import { useKinds, useWeek, type Week } from './records';

const DAYS = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const;
const KEY = 'bw.card.week';

const named = (day: string) => day.charAt(0) + day.slice(1).toLowerCase();

function written(): Week | undefined {
  try {
    const text = ownStore.getItem(KEY);
    return text ? (JSON.parse(text) as Week) : undefined;
  } catch {
    return undefined;
  }
}

/** Who works when, and the places that are no machines with a card. */
export function WeekPage() {
  const week = useWeek();
  useTitle('Who works when', 'Jobs');
  return (
    <>
      <Header />
      <main className={SHOP}>
        <JobTabs />
        {week.error && <p role="alert">{sentenceOf(week.error)}</p>}
        {week.data && <Form week={week.data} />}
      </main>
    </>
  );
}

function Form({ week }: { week: Week }) {
  const kinds = useKinds().data ?? [];
  const queries = useQueryClient();
  const [mine, setMine] = useState<Week | undefined>(written);
  const [said, setSaid] = useState('');
  const [wrong, setWrong] = useState<Record<string, string>>({});
  const draft = mine ?? week;
  useEffect(() => {
    if (mine) ownStore.setItem(KEY, JSON.stringify(mine));
    else ownStore.removeItem(KEY);
  }, [mine]);
  const write = (change: Partial<Week>) => {
    setSaid('');
    setWrong({});
    setMine({ ...draft, ...change });
  };
  const save = async () => {
    try {
      const kept = await given(api.PUT('/api/week', { body: draft }));
      queries.setQueryData(['week'], kept);
      setMine(undefined);
      setWrong({});
      setSaid('Saved.');
      await readAgain(queries, { queryKey: ['places'] });
    } catch (error) {
      setSaid(sentenceOf(error));
      setWrong(error instanceof Refused ? error.fields : {});
      if (error instanceof Refused && error.code === 'saved-by-another') {
        const theirs = await given(api.GET('/api/week'));
        setMine({ ...draft, version: theirs.version });
        setSaid('Somebody else has saved the week meanwhile. Save again to put yours over it, or go back to theirs.');
        queries.setQueryData(['week'], theirs);
      }
    }
  };
  const person = (at: number, change: Partial<Week['persons'][number]>) =>
    write({ persons: draft.persons.map((one, i) => (i === at ? { ...one, ...change } : one)) });
  const place = (at: number, change: Partial<Week['places'][number]>) =>
    write({ places: draft.places.map((one, i) => (i === at ? { ...one, ...change } : one)) });
  return (
    <form
      aria-label="Who works when"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <h1>Who works when</h1>
      {draft.persons.map((one, at) => (
        <fieldset key={one.id} className="border-t border-line pt-2 pb-3" data-person={one.name}>
          <legend className="sr-only">{one.name || 'somebody'}</legend>
          <div className="flex flex-wrap items-end gap-4">
            <label className={READING}>
              <span>Name</span>
              <input
                className={FIELD}
                value={one.name}
                aria-invalid={!!wrong[`persons[${at}].name`]}
                onChange={(event) => person(at, { name: event.target.value })}
              />
              {wrong[`persons[${at}].name`] && <em role="alert">{wrong[`persons[${at}].name`]}</em>}
            </label>
            <button
              type="button"
              className={QUIET}
              onClick={() => write({ persons: draft.persons.filter((other) => other.id !== one.id) })}
            >
              Remove
            </button>
          </div>
          <div className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-x-4 gap-y-2">
            {DAYS.map((day) => {
              const field = `persons[${at}].hours.${day}`;
              return (
                <label key={day} className={READING}>
                  <span>{named(day)}</span>
                  <input
                    className={FIELD}
                    value={one.hours[day] ?? ''}
                    placeholder="free"
                    aria-invalid={!!wrong[field]}
                    onChange={(event) => person(at, { hours: { ...one.hours, [day]: event.target.value } })}
                  />
                  {wrong[field] && <em role="alert">{wrong[field]}</em>}
                </label>
              );
            })}
          </div>
          {one.away
            .filter((away) => (away.to ?? '') > now())
            .map((away) => (
              <p key={`${away.from} ${away.to}`}>
                Away from {momentInWords(away.from ?? '')} to {momentInWords(away.to ?? '')}.{' '}
                <button
                  type="button"
                  className={QUIET}
                  onClick={() => person(at, { away: one.away.filter((other) => other !== away) })}
                >
                  Here after all
                </button>
              </p>
            ))}
        </fieldset>
      ))}
      <button
        type="button"
        className={QUIET}
        onClick={() => write({ persons: [...draft.persons, { id: newId('person'), name: '', hours: {}, away: [] }] })}
      >
        Somebody else
      </button>
      <h2>Places beside the machines that have cards</h2>
      <ul>
        {draft.places.map((one, at) => (
          <li key={one.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line py-1.5">
            <label className={READING}>
              <span className="sr-only">Name of the place</span>
              <input
                className={FIELD}
                value={one.name}
                aria-invalid={!!wrong[`places[${at}].name`]}
                onChange={(event) => place(at, { name: event.target.value })}
              />
              {wrong[`places[${at}].name`] && <em role="alert">{wrong[`places[${at}].name`]}</em>}
            </label>
            <PickList
              label="What it is"
              value={one.kind}
              text={kinds.find((kind) => kind.id === one.kind)?.words ?? one.kind}
              choices={kinds}
              onPick={(kind) => place(at, { kind })}
            />
            <button
              type="button"
              className={`${QUIET} ml-auto`}
              onClick={() => write({ places: draft.places.filter((other) => other.id !== one.id) })}
            >
              Remove
            </button>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className={QUIET}
        onClick={() => write({ places: [...draft.places, { id: newId('place'), name: '', kind: 'other' }] })}
      >
        Another place
      </button>
      <div className="mt-4 flex items-center gap-4">
        <ForKeepers>
          <button type="submit" className={DO}>
            Save the week{mine ? ' •' : ''}
          </button>
        </ForKeepers>
        {mine && (
          <button type="button" className={QUIET} onClick={() => setMine(undefined)}>
            Back to what is kept
          </button>
        )}
        {said && <p role="status">{said}</p>}
      </div>
    </form>
  );
}
