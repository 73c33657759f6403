import { useLayoutEffect, useState, useSyncExternalStore } from 'react';
import type { Texts, Units } from '../api/client';
import { useFolded } from '../ledger/folded';
import { type Look, type Plan, PlanDesk } from './planDesk';

export type { Plan } from './planDesk';

/** Plans on every change; keeps the last good answer while something typed cannot be used. With it comes a way to ask before the page knows of a change. */
export function usePlan(fields: Texts, units: Units, look: Look): [Plan, (fields: Texts, units: Units) => void] {
  const [desk] = useState(() => new PlanDesk());
  const plan = useSyncExternalStore(desk.subscribe, () => desk.plan);
  const folded = useFolded();
  useLayoutEffect(() => desk.ask({ fields, units, look, folded }), [desk, fields, units, look, folded]);
  return [plan, desk.askFor];
}
