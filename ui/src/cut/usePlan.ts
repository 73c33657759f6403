import { useLayoutEffect, useState, useSyncExternalStore } from 'react';
import type { Texts, Units } from '../api/client';
import { useFolded } from '../ledger/folded';
import { type Look, type Plan, PlanDesk } from './planDesk';

export type { Plan } from './planDesk';

/** Plans on every change; keeps the last good answer while something typed cannot be used. */
export function usePlan(fields: Texts, units: Units, look: Look): Plan {
  const [desk] = useState(() => new PlanDesk());
  const plan = useSyncExternalStore(desk.subscribe, () => desk.plan);
  const folded = useFolded();
  // The question goes out before the page paints what was typed: the two overlap.
  useLayoutEffect(() => desk.ask({ fields, units, look, folded }), [desk, fields, units, look, folded]);
  return plan;
}
