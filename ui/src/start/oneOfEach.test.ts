import { describe, expect, it } from 'vitest';
import type { Family, ListedCut } from '../api/client';
import { oneOfEach } from './oneOfEach';

const family = (id: string, ...operations: string[]) =>
  ({ id, operations: operations.map((one) => ({ id: one, words: one, more: '' })) }) as unknown as Family;
const cut = (id: string, operation?: string) =>
  ({ id, name: id, fields: operation ? { operation } : {} }) as unknown as ListedCut;

const FAMILIES = [family('a', 'a1', 'a2'), family('b', 'b1'), family('c', 'c1')];

describe('one cut of each kind', () => {
  it('takes the first of each family in the order of the families', () => {
    const cuts = [cut('x', 'c1'), cut('y', 'a2'), cut('z', 'a1')];
    expect(oneOfEach(cuts, FAMILIES, 5).map((one) => one.id)).toEqual(['y', 'x']);
  });

  it('takes a cut that does not say what it is for the usual one, and no more than wanted', () => {
    expect(oneOfEach([cut('x'), cut('y', 'b1')], FAMILIES, 5).map((one) => one.id)).toEqual(['x', 'y']);
    expect(oneOfEach([cut('x'), cut('y', 'b1')], FAMILIES, 1)).toHaveLength(1);
    expect(oneOfEach([], FAMILIES, 5)).toEqual([]);
  });
});
