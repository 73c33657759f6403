import { memo, useEffect, useRef } from 'react';
import type { Units } from '../api/client';
import { Clashes } from '../frame/Clashes';
import { Header } from '../frame/Header';
import { DO, MEND, QUIET } from '../frame/looks';
import { ForKeepers } from '../people/ForKeepers';
import { useOfAnswer } from './CutContext';
import type { Edit } from './draft';
import type { Saving } from './useSaving';

interface Props {
  name: string;
  units: Units;
  /** Whether it differs from what is kept. */
  changed: boolean;
  canUndo: boolean;
  canRedo: boolean;
  edit: (edit: Edit) => void;
  undo: () => void;
  redo: () => void;
  flipUnits: () => void;
  saving: Saving;
  compare: () => void;
}

/** The name of the cut and what can be done with it as a whole. */
export const DeskHeader = memo(function DeskHeader(props: Props) {
  const { name, units, changed, canUndo, canRedo, edit, undo, redo, flipUnits, saving, compare } = props;
  const nameInput = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (saving.refused === 'name') nameInput.current?.focus();
  }, [saving.refused]);
  return (
    <Header>
      <input
        ref={nameInput}
        className="min-h-touch max-w-[420px] flex-1 border-b border-line bg-transparent px-2.5 text-more max-desk:min-w-20 max-hand:min-w-14 max-hand:px-1"
        aria-label="Name of the cut"
        placeholder="Name this cut"
        value={name}
        onChange={(event) => edit({ kind: 'name', text: event.target.value })}
      />
      <button type="button" className={QUIET} disabled={!canUndo} onClick={undo} aria-label="Undo">
        <Short words="Undo" sign="↶" />
      </button>
      <button type="button" className={QUIET} disabled={!canRedo} onClick={redo} aria-label="Redo">
        <Short words="Redo" sign="↷" />
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
      <ForKeepers>
        <button type="button" className={`${DO} whitespace-nowrap`} onClick={saving.save}>
          Save{changed ? ' •' : ''}
        </button>
      </ForKeepers>
    </Header>
  );
});

/** Words, and a sign in their place where there is no room for them. */
function Short({ words, sign }: { words: string; sign: string }) {
  return (
    <>
      <span className="max-hand:hidden">{words}</span>
      <span className="hidden text-[1.4rem] leading-none max-hand:inline">{sign}</span>
    </>
  );
}

/** What the program has to say of asking and saving. */
export function Said({ saving }: { saving: Saving }) {
  const trouble = useOfAnswer((plan) => plan.trouble);
  const fields = useOfAnswer((plan) => plan.fields);
  const called = (field: string) => (field === 'name' ? 'Name' : (fields.get(field)?.label ?? field));
  if (!trouble && !saving.said && saving.clashes.length === 0) return null;
  return (
    <>
      <Clashes clashes={saving.clashes} called={called} onChoose={saving.choose} />
      <p className="said bg-paper-2 px-5 py-1.75 print:hidden" role="status">
        {trouble || saving.said}
        {!trouble && saving.taken.length > 0 && (
          <>
            {' '}
            {saving.taken
              .map((one) => `${called(one.field)}: ${one.was || 'empty'} → ${one.theirs || 'empty'}`)
              .join('; ')}
            .
          </>
        )}
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
        {saving.gone && (
          <>
            {' '}
            <button type="button" className={MEND} onClick={() => void saving.saveAsNew()}>
              Save as new
            </button>
          </>
        )}
      </p>
    </>
  );
}
