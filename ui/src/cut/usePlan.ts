import { useLayoutEffect, useState } from 'react';
import type { Texts, Units } from '../api/client';
import { useFolded } from '../ledger/folded';
import { type Look, PlanDesk } from './planDesk';

/** Plans on every change; keeps the last good answer while something typed cannot be used. */
export function usePlan(fields: Texts, units: Units, look: Look): PlanDesk {
  const [desk] = useState(() => new PlanDesk());
  const folded = useFolded();
  useLayoutEffect(() => desk.ask({ fields, units, look, folded }), [desk, fields, units, look, folded]);
  return desk;
}
