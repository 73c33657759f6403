import { useMemo, useSyncExternalStore } from 'react';
import type { Texts } from '../api/client';
import { Store } from '../frame/store';

const times = new Store(0);

/** What the shop has learnt changed: what stands on the desk is planned and judged anew, with nothing typed. */
export const askAgain = () => times.put(times.now + 1);

/** The same texts, as other texts each time that they are to be asked again. */
export function useAsked(fields: Texts): Texts {
  const again = useSyncExternalStore(times.subscribe, () => times.now);
  return useMemo(() => (again === 0 ? fields : { ...fields }), [fields, again]);
}
