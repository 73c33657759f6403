import { useMemo } from 'react';
import type { Choice, Family, LatheRecord, ToolKind } from '../api/client';
import { useOfAnswer, useShop } from './CutContext';

/** The shop's machines as choices. */
export const machinesOf = (lathes: LatheRecord[]): Choice[] =>
  lathes.map((lathe) => ({ id: lathe.id, words: lathe.card.name ?? 'unnamed', more: lathe.card.motor ?? '' }));

/** What a field of a family can be picked from. */
export function choicesOf(
  families: Family[],
  family: string | undefined,
  field: string,
  lathes: LatheRecord[],
): Choice[] {
  const entry = families.find((one) => one.id === family)?.entries.find((one) => one.id === field);
  if (!entry) return [];
  return entry.machine ? machinesOf(lathes) : entry.choices;
}

/** What a field of the cut on the desk can be picked from. */
export function useChoicesOf(field: string): Choice[] {
  const { families, lathes } = useShop();
  const family = useOfAnswer((plan) => plan.page?.family);
  return useMemo(() => choicesOf(families, family, field, lathes), [families, family, field, lathes]);
}

/** The kind of this name, with the family that keeps it. */
export function kindOf(families: Family[], id: string | undefined): { family: Family; kind: ToolKind } | undefined {
  for (const family of families) {
    const kind = family.kinds.find((one) => one.id === id);
    if (kind) return { family, kind };
  }
  return undefined;
}
