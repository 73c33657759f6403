import type { Clash } from '../api/merge';
import { MEND } from './looks';

interface Props {
  clashes: Clash[];
  /** What an entry is called. */
  called: (field: string) => string;
  /** What an entry's text says in words. */
  worded?: (field: string, text: string) => string;
  /** Who saved it meanwhile, and when. */
  by: string;
  at: string | undefined;
  onChoose: (field: string, text: string) => void;
}

/** What two people have typed differently into one entry: both, side by side, to choose from. */
export function Clashes({ clashes, called, worded = (_, text) => text, by, at, onChoose }: Props) {
  if (clashes.length === 0) return null;
  const who = by || 'Somebody else';
  const when = at ? ` at ${new Date(at).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' })}` : '';
  return (
    <div className="clashes my-1.5 border-l-5 border-warn bg-caution px-3 py-1.75" role="alert">
      <p>
        {who} saved this{when}, after you had begun. What only one of you changed is put together; choose where both
        did:
      </p>
      <ul>
        {clashes.map(({ field, mine, theirs }) => (
          <li key={field} className="flex flex-wrap items-center gap-x-3 gap-y-1.5 py-1" data-clash={field}>
            <b>{called(field)}</b>
            <button type="button" className={MEND} onClick={() => onChoose(field, mine)}>
              Yours: {worded(field, mine) || 'empty'}
            </button>
            <button type="button" className={MEND} onClick={() => onChoose(field, theirs)}>
              {by ? `${by}’s` : 'Theirs'}: {worded(field, theirs) || 'empty'}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
