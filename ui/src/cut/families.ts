import { useMemo } from 'react';
import type { Choice, Family, LatheRecord, Texts, ToolKind } from '../api/client';
import { useOfAnswer, useShop } from './CutContext';

/** The shop's machines as choices. */
export const machinesOf = (lathes: LatheRecord[]): Choice[] =>
  lathes.map((lathe) => ({ id: lathe.id, words: lathe.card.name ?? 'unnamed', more: lathe.card.motor ?? '' }));

/** The kind that a machine's card says: a lathe unless it says another. */
export const kindOfMachine = (card: Texts) => card.kind?.trim().toLowerCase() || 'lathe';

/** The machines of the shop on which a family's cuts can be made; all, where it does not ask for one. */
export function machinesFor(family: Family | undefined, lathes: LatheRecord[]): LatheRecord[] {
  const kinds = family?.entries.find((entry) => entry.machine)?.kinds;
  return kinds ? lathes.filter((lathe) => kinds.includes(kindOfMachine(lathe.card))) : lathes;
}

/** The family that an operation belongs to. */
export const familyOf = (families: Family[], operation: string | undefined): Family | undefined =>
  families.find((one) => one.operations.some(({ id }) => id === operation));

/** What another cut is asked that is opened beside one: what it is opened with, and of the one what both ask. */
export function besideFields(families: Family[], fields: Texts, opens: Texts): Texts {
  const asked = new Set(familyOf(families, opens.operation)?.entries.map(({ id }) => id));
  return { ...Object.fromEntries(Object.entries(fields).filter(([id]) => asked.has(id))), ...opens };
}

/** What of a tool's card a cut takes: what its family asks and what is another now. Nothing else is written into it. */
export function takenOf(family: Family | undefined, fields: Texts, card: Texts): Texts {
  const asked = new Set(family?.entries.map(({ id }) => id));
  return Object.fromEntries(Object.entries(card).filter(([id, text]) => asked.has(id) && (fields[id] ?? '') !== text));
}

/** The same in words. */
export function takenWords(family: Family | undefined, taken: Texts): string {
  const words = Object.entries(taken).map(([id, text]) => {
    const entry = family?.entries.find((one) => one.id === id);
    return `${entry?.label ?? id} ${entry?.choices.find((one) => one.id === text)?.words ?? text}`;
  });
  return words.length === 0
    ? 'Nothing changes: all of it stands there already.'
    : `Taken: ${words.join('; ')}. Undo gives back what stood there.`;
}

/** What a field of a family can be picked from. */
export function choicesOf(
  families: Family[],
  family: string | undefined,
  field: string,
  lathes: LatheRecord[],
): Choice[] {
  const of = families.find((one) => one.id === family);
  const entry = of?.entries.find((one) => one.id === field);
  if (!entry) return [];
  return entry.machine ? machinesOf(machinesFor(of, lathes)) : entry.choices;
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
