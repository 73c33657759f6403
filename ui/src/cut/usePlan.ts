import { useLayoutEffect, useState, useSyncExternalStore } from 'react';
import type { Texts, Units } from '../api/client';
import { type Look, type Plan, PlanDesk } from './planDesk';

export type { Plan } from './planDesk';

/** Plans on every change; keeps the last good answer while something typed cannot be used. */
export function usePlan(fields: Texts, units: Units, look: Look): Plan {
  const [desk] = useState(() => new PlanDesk());
  const plan = useSyncExternalStore(desk.subscribe, () => desk.plan);
  // The question goes out before the page paints what was typed: the two overlap.
  useLayoutEffect(() => desk.ask({ fields, units, look }), [desk, fields, units, look]);
  return plan;
}
