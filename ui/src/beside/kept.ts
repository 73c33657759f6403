import type { Texts, Units } from '../api/client';
import { ownStore } from '../frame/ownStore';

/** A set-up of a cut that is kept to set another one beside it. */
export interface KeptSetUp {
  fields: Texts;
  units: Units;
}

const PREFIX = 'bw.beside.';

export function keptSetUp(cut: string): KeptSetUp | undefined {
  try {
    const text = ownStore.getItem(PREFIX + cut);
    return text ? (JSON.parse(text) as KeptSetUp) : undefined;
  } catch {
    return undefined;
  }
}

export function keepSetUp(cut: string, { fields, units }: KeptSetUp): void {
  ownStore.setItem(PREFIX + cut, JSON.stringify({ fields, units }));
}

export function dropSetUp(cut: string): void {
  ownStore.removeItem(PREFIX + cut);
}
