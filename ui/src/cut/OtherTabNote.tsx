import { MEND } from '../frame/looks';
import type { Draft } from './draft';
import type { OtherTab } from './useOtherTab';

/** That this cut is open twice, and what was typed over there. */
export function OtherTabNote({ other, onTake }: { other: OtherTab; onTake: (theirs: Draft) => void }) {
  const { typed } = other;
  if (!other.there) return null;
  return (
    <p className="said bg-paper-2 px-5 py-1.75 print:hidden" role="status">
      {typed
        ? 'This cut was changed in another tab. '
        : 'This cut is open in another tab too: both keep one draft, and whoever types last has it.'}
      {typed && (
        <>
          <button type="button" className={MEND} onClick={() => onTake(typed)}>
            Show what was typed there
          </button>{' '}
          <button type="button" className={MEND} onClick={other.seen}>
            Go on with this
          </button>
        </>
      )}
    </p>
  );
}
