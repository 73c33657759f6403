import { useLayoutEffect, useState } from 'react';
import type { Texts, Units } from '../api/client';
import { useFolded } from '../ledger/folded';
import { useAsked } from './askAgain';
import { type Look, PlanDesk } from './planDesk';

/** Plans on every change; keeps the last good answer while something typed cannot be used. */
export function usePlan(fields: Texts, units: Units, look: Look): PlanDesk {
  const [desk] = useState(() => new PlanDesk());
  const folded = useFolded();
  const asked = useAsked(fields);
  useLayoutEffect(() => desk.ask({ fields: asked, units, look, folded }), [desk, asked, units, look, folded]);
  return desk;
}
