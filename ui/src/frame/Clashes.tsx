import type { Clash } from '../api/merge';
import { MEND } from './looks';

const clock = (at: string) => new Date(at).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });

interface Props {
  clashes: Clash[];
  /** What an entry is called. */
  called: (field: string) => string;
  /** What an entry's text says in words. */
  worded?: (field: string, text: string) => string;
  onChoose: (field: string, text: string) => void;
}

/** What two people have typed differently into one entry: both, side by side, to choose from. */
export function Clashes({ clashes, called, worded = (_, text) => text, onChoose }: Props) {
  if (clashes.length === 0) return null;
  const who = [...new Set(clashes.map(({ by }) => by || 'Somebody else'))].join(' and ');
  return (
    <div className="clashes my-1.5 border-l-5 border-warn bg-caution px-3 py-1.75" role="alert">
      <p>{who} saved this after you had begun. What only one of you changed is put together; choose where both did:</p>
      <ul>
        {clashes.map(({ field, mine, theirs, by, at }) => (
          <li key={field} className="flex flex-wrap items-center gap-x-3 gap-y-1.5 py-1" data-clash={field}>
            <b>{called(field)}</b>
            <button type="button" className={MEND} onClick={() => onChoose(field, mine)}>
              Yours: {worded(field, mine) || 'empty'}
            </button>
            <button type="button" className={MEND} onClick={() => onChoose(field, theirs)}>
              {by ? `${by}’s` : 'Theirs'}
              {at && `, ${clock(at)}`}: {worded(field, theirs) || 'empty'}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What somebody else has saved while the page was open: who, when, and what of it changed. */
export function Taken({
  taken,
  called,
  worded = (_, text) => text,
}: Omit<Props, 'clashes' | 'onChoose'> & { taken: Clash[] }) {
  const [first] = taken;
  if (!first) return null;
  const changes = taken.map(
    ({ field, was, theirs }) =>
      `${called(field)}: ${worded(field, was) || 'empty'} → ${worded(field, theirs) || 'empty'}`,
  );
  return (
    <p aria-live="polite" className="taken">
      {first.by || 'Somebody else'} saved this{first.at && ` at ${clock(first.at)}`}. {changes.join('; ')}.
    </p>
  );
}
