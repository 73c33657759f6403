import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, given, type Schemas, sentenceOf, type Units } from '../api/client';
import { DO, FIELD, QUIET } from '../frame/looks';
import { last, stored } from './draft';
import { startTyped } from './startTyped';

type Typed = Schemas['TypedCut'];

/** What bare numbers mean where no cut is open: as in the cut that was open last. */
export const lastUnits = (): Units => stored(last() ?? '')?.units ?? 'METRIC';

/** Reads a line as it is typed. */
export function useTyped(text: string, units: Units) {
  const line = useDeferredValue(text.trim());
  return useQuery({
    queryKey: ['typed', line, units],
    queryFn: () => given(api.POST('/api/plan/typed', { body: { text: line, units } })),
    enabled: line.length > 2,
    placeholderData: (old) => (line.length > 2 ? old : undefined),
  });
}

/** A new cut typed in one line, with what was understood of it; or an empty one. */
export function TypeCut() {
  const [text, setText] = useState('');
  const [units, setUnits] = useState<Units>(lastUnits);
  const navigate = useNavigate();
  const typed = useTyped(text, units);
  const understood = text.trim().length > 2 ? typed.data : undefined;
  const open = () => {
    if (!understood) return;
    startTyped(understood.fields, units);
    void navigate('/cut/new/cut');
  };
  return (
    <form
      aria-label="Type a cut"
      onSubmit={(event) => {
        event.preventDefault();
        open();
      }}
    >
      <div className="flex flex-wrap items-center gap-3">
        <input
          className={`${FIELD} min-w-72 flex-1`}
          autoCapitalize="none"
          autoComplete="off"
          spellCheck={false}
          maxLength={300}
          aria-label="A new cut in one line"
          placeholder="A new cut in one line: turn 24 h6 from 25, 50 long, mild steel"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <button type="button" className={QUIET} onClick={() => setUnits(units === 'METRIC' ? 'INCH' : 'METRIC')}>
          {units === 'METRIC' ? 'mm' : 'inch'}
          <span className="sr-only">: what bare numbers are</span>
        </button>
        <button type="submit" className={DO} disabled={!understood}>
          Open it
        </button>
        <Link to="/cut/new/cut">{stored('new')?.changed ? 'Go on with the new cut' : 'Start an empty one'}</Link>
      </div>
      <div className="min-h-7 pt-1 text-ink-2" role="status">
        {typed.error && text.trim().length > 2
          ? sentenceOf(typed.error)
          : understood && <Understood typed={understood} />}
      </div>
    </form>
  );
}

/** What the line was taken for, what follows from it, and what was not understood. */
export function Understood({ typed }: { typed: Typed }) {
  const parts = (of: Typed['understood']) => of.map((part) => `${part.label} ${part.text}`).join(' · ');
  return (
    <>
      {parts(typed.understood)}
      {typed.assumed.length > 0 && <> · taken: {parts(typed.assumed)}</>}
      {typed.left.length > 0 && (
        <>
          {' · '}
          <b className="text-warn">not understood: {typed.left.join(' ')}</b>
        </>
      )}
    </>
  );
}
