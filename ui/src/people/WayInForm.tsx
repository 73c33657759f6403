import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, type ReactNode, useState } from 'react';
import { type Me, Refused, sentenceOf, type Texts } from '../api/client';
import { readAgain } from '../api/readAgain';
import { DO, WAY_IN } from '../frame/looks';
import { Entry } from './Entry';

interface Asked {
  id: string;
  words: string;
  type?: 'password';
  complete: string;
}

interface Props {
  title: string;
  /** Sends what was typed, and answers who came in. */
  letIn: (typed: Texts) => Promise<Me>;
  entries: Asked[];
  act: string;
  /** What stands in the entries at first. */
  typed?: Texts;
  onIn?: () => void;
  /** Told which kind of refusal came. */
  onRefused?: (code: string) => void;
  children?: ReactNode;
}

/** A form that lets somebody in: what is wrong is told beside the entry, and what was typed stays. */
export function WayInForm({ title, letIn, entries, act, typed: first = {}, onIn, onRefused, children }: Props) {
  const queries = useQueryClient();
  const [typed, setTyped] = useState<Texts>(first);
  const [wrong, setWrong] = useState<Texts>({});
  const [said, setSaid] = useState('');
  const [busy, setBusy] = useState(false);
  const come = async (event: FormEvent) => {
    event.preventDefault();
    if (busy) return;
    setBusy(true);
    try {
      const me = await letIn(Object.fromEntries(entries.map(({ id }) => [id, typed[id] ?? ''])));
      setWrong({});
      await readAgain(queries, { predicate: ({ queryKey }) => queryKey[0] !== 'me' });
      queries.setQueryData(['me'], me);
      onIn?.();
    } catch (error) {
      setSaid(sentenceOf(error));
      setWrong(error instanceof Refused ? error.fields : {});
      if (error instanceof Refused) onRefused?.(error.code);
    }
    setBusy(false);
  };
  return (
    <main className={WAY_IN}>
      <form aria-label={title} onSubmit={(event) => void come(event)}>
        <h1>{title}</h1>
        {children}
        {entries.map(({ id, words, type, complete }) => (
          <Entry
            key={id}
            words={words}
            type={type}
            complete={complete}
            value={typed[id] ?? ''}
            wrong={wrong[id]}
            onChange={(text) => setTyped({ ...typed, [id]: text })}
          />
        ))}
        <button type="submit" className={DO} disabled={busy}>
          {act}
        </button>
        {said && Object.keys(wrong).length === 0 && <p role="alert">{said}</p>}
      </form>
    </main>
  );
}
