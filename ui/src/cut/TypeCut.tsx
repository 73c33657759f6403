import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { type Schemas, sentenceOf, type Units } from '../api/client';
import { DO, FIELD, QUIET } from '../frame/looks';
import { stored } from './draft';
import { isClear, isLine, lastUnits, useOpenMeant, useOpenTyped, useTyped } from './useTyped';

type Typed = Schemas['TypedCut'];

/** A new cut typed in one line, with what was understood of it; or an empty one. Examples are lines to begin with. */
export function TypeCut({ examples = [] }: { examples?: readonly string[] }) {
  const [text, setText] = useState('');
  const [units, setUnits] = useState<Units>(lastUnits);
  const typed = useTyped(text, units);
  const understood = isLine(text) ? typed.data : undefined;
  const openTyped = useOpenTyped();
  const openMeant = useOpenMeant();
  const opening = useRef(false);
  const line = useRef<HTMLInputElement>(null);
  const open = async () => {
    if (opening.current || !isLine(text)) return;
    opening.current = true;
    // What is wrong is said below, as of every line that is read.
    await openTyped(text, units).catch(() => undefined);
    opening.current = false;
  };
  return (
    <form
      aria-label="Type a cut"
      onSubmit={(event) => {
        event.preventDefault();
        void open();
      }}
    >
      <div className="flex flex-wrap items-center gap-3">
        <input
          ref={line}
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
        <button
          type="submit"
          className={DO}
          disabled={!isLine(text) || (understood !== undefined && !isClear(understood))}
        >
          Open it
        </button>
        <Link to="/cut/new/cut">{stored('new')?.changed ? 'Go on with the new cut' : 'Start an empty one'}</Link>
      </div>
      {examples.length > 0 && (
        <p className="flex flex-wrap items-center gap-x-1 pt-1 text-ink-2">
          Such as:
          {examples.map((example) => (
            <button
              key={example}
              type="button"
              className={QUIET}
              onClick={() => {
                setText(example);
                line.current?.focus();
              }}
            >
              {example}
            </button>
          ))}
        </p>
      )}
      <div className="min-h-7 pt-1 text-ink-2" role="status">
        {typed.error && isLine(text) ? sentenceOf(typed.error) : understood && <Understood typed={understood} />}
      </div>
      {understood !== undefined && understood.meant.length > 0 && (
        <div className="flex flex-wrap items-center gap-3 pt-1">
          <span>{isClear(understood) ? 'Are the sizes the wrong way round?' : 'What is to be done?'}</span>
          {understood.meant.map((way) => (
            <button key={way.words} type="button" className={QUIET} onClick={() => openMeant(way.fields, units)}>
              {way.words}
            </button>
          ))}
        </div>
      )}
    </form>
  );
}

/** What the line was taken for, what follows from it, and what was not understood. */
export function Understood({ typed }: { typed: Typed }) {
  const parts = (of: Typed['understood']) => of.map((part) => `${part.label} ${part.text}`).join(' · ');
  if (!isClear(typed) && typed.meant.length === 0) {
    return <b className="text-warn">Nothing that is cut here is named: say turn, bore, part, drill, thread …</b>;
  }
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
