import { memo, useEffect, useRef } from 'react';
import { Header } from '../frame/Header';
import { DO, MEND, QUIET } from '../frame/looks';
import type { Edit, History } from './draft';
import type { Saving } from './useSaving';

interface Props {
  history: History;
  edit: (edit: Edit) => void;
  undo: () => void;
  redo: () => void;
  flipUnits: () => void;
  saving: Saving;
  compare: () => void;
}

/** The name of the cut and what can be done with it as a whole. */
export const DeskHeader = memo(function DeskHeader(props: Props) {
  const { history, edit, undo, redo, flipUnits, saving, compare } = props;
  const { name, units, changed } = history.now;
  const nameInput = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (saving.refused === 'name') nameInput.current?.focus();
  }, [saving.refused]);
  return (
    <Header>
      <input
        ref={nameInput}
        className="min-h-touch max-w-[420px] flex-1 border-b border-line bg-transparent px-2.5 text-more max-desk:min-w-20"
        aria-label="Name of the cut"
        placeholder="Name this cut"
        value={name}
        onChange={(event) => edit({ kind: 'name', text: event.target.value })}
      />
      <button type="button" className={QUIET} disabled={history.before.length === 0} onClick={undo}>
        Undo
      </button>
      <button type="button" className={QUIET} disabled={history.after.length === 0} onClick={redo}>
        Redo
      </button>
      <button
        type="button"
        className={QUIET}
        onClick={flipUnits}
        aria-label={units === 'METRIC' ? 'mm. Units: millimetres' : 'inch. Units: inches'}
      >
        {units === 'METRIC' ? 'mm' : 'inch'}
      </button>
      <button type="button" className={QUIET} onClick={compare}>
        Compare
      </button>
      <button type="button" className={`${DO} whitespace-nowrap`} onClick={saving.save}>
        Save{changed ? ' •' : ''}
      </button>
    </Header>
  );
});

/** What the program has to say of asking and saving. */
export function Said({ trouble, saving }: { trouble: string; saving: Saving }) {
  if (!trouble && !saving.said) return null;
  return (
    <p className="said bg-paper-2 px-5 py-1.75 print:hidden" role="status">
      {trouble || saving.said}
      {saving.theirs && (
        <>
          {' '}
          <button type="button" className={MEND} onClick={saving.takeTheirs}>
            Look at theirs
          </button>{' '}
          <button type="button" className={MEND} onClick={saving.keepMine}>
            Keep mine
          </button>
        </>
      )}
    </p>
  );
}
