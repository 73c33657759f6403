import { useCallback, useRef } from 'react';
import { ask, type FieldState, type Texts } from '../api/client';
import { type Draft, type Edit, spelledOut } from './draft';

const AWAY = 'The units stay as they are: the program that reads what is typed does not answer. Try again in a moment.';

/**
 * Flips the units. A bare 75 that was typed as millimetres must stay 75 mm, so what is typed is read first: by the answer that is
 * there, or by one that is fetched for it.
 */
export function useFlip(
  latest: { readonly now: Draft },
  plan: { readonly now: { readOf: Texts | undefined; fields: Map<string, FieldState> } },
  edit: (edit: Edit) => void,
  say: (sentence: string) => void,
): () => void {
  const flipping = useRef(false);
  return useCallback(() => {
    if (flipping.current) return;
    flipping.current = true;
    const flip = async () => {
      for (;;) {
        const { fields, units } = latest.now;
        const { readOf, fields: states } = plan.now;
        const known = readOf === fields ? [...states.values()] : (await ask({ fields, units, look: 'CRIB' }))[0].fields;
        // Typed on meanwhile: that is to be read too.
        if (latest.now.fields !== fields) continue;
        edit({ kind: 'units', units: units === 'METRIC' ? 'INCH' : 'METRIC', spelled: spelledOut(known) });
        return;
      }
    };
    flip()
      .catch(() => say(AWAY))
      .finally(() => {
        flipping.current = false;
      });
  }, [edit, latest, plan, say]);
}
