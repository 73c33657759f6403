import type { Texts, Units } from '../api/client';
import { newDraft, store, stored, storeUndo } from './draft';

/** Told when a new cut has been started while one is open already. */
export const NEW_CUT = 'bw-new-cut';

/** Opens a new cut with these fields; what stood in an earlier new cut that was not saved is one undo away. */
export function startTyped(fields: Texts, units: Units): void {
  const before = stored('new');
  const now = { ...newDraft(units), fields, changed: true };
  store(now);
  storeUndo({ now, before: before?.changed ? [before] : [], after: [], touched: '' });
  window.dispatchEvent(new Event(NEW_CUT));
}
