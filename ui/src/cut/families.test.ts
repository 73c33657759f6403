import { describe, expect, it } from 'vitest';
import type { Family, LatheRecord } from '../api/client';
import { besideFields, choicesOf, kindOf, machinesFor, takenOf, takenWords } from './families';

const FAMILIES = [
  {
    id: 'sawing',
    operations: [{ id: 'saw', words: 'saw', more: '' }],
    trial: { readings: [], scene: '', panels: [] },
    entries: [
      { id: 'operation', label: '', station: 'CUT', machine: false, choices: [{ id: 'saw', words: 'saw', more: '' }] },
      { id: 'lathe', label: '', station: 'CUT', machine: true, kinds: ['lathe', 'mill'], choices: [] },
    ],
    kinds: [{ id: 'saw-blade' }],
  },
] as unknown as Family[];
const LATHES = [
  { id: 's', card: { name: 'Ram', kind: 'Shaper' } },
  { id: 'a', card: { name: 'Old Grey', motor: '1 kW' } },
] as unknown as LatheRecord[];

describe('what a family declares', () => {
  it('is picked from its own list, or from the shop’s machines', () => {
    expect(choicesOf(FAMILIES, 'sawing', 'operation', LATHES)).toHaveLength(1);
    expect(choicesOf(FAMILIES, 'sawing', 'lathe', LATHES)).toEqual([{ id: 'a', words: 'Old Grey', more: '1 kW' }]);
    expect(choicesOf(FAMILIES, 'sawing', 'nothing', LATHES)).toEqual([]);
    expect(choicesOf(FAMILIES, undefined, 'lathe', LATHES)).toEqual([]);
  });

  it('is cut on a machine of a kind that can', () => {
    expect(machinesFor(FAMILIES[0], LATHES).map(({ id }) => id)).toEqual(['a']);
    expect(machinesFor(undefined, LATHES)).toHaveLength(2);
  });

  it('takes what both ask along when it is opened beside a cut', () => {
    const turned = { operation: 'turn', lathe: 'a', diameter: '25' };
    expect(besideFields(FAMILIES, turned, { operation: 'saw', kerf: '2' })).toEqual({
      operation: 'saw',
      lathe: 'a',
      kerf: '2',
    });
  });

  it('takes of a tool’s card what it asks and what is another now, and says so', () => {
    const taken = takenOf(FAMILIES[0], { lathe: 'a' }, { operation: 'saw', lathe: 'a', hidden: '1' });
    expect(taken).toEqual({ operation: 'saw' });
    expect(takenWords(FAMILIES[0], taken)).toContain('saw. Undo');
    expect(takenWords(FAMILIES[0], {})).toContain('Nothing changes');
  });

  it('is found by the kind of what was kept', () => {
    expect(kindOf(FAMILIES, 'saw-blade')?.family.id).toBe('sawing');
    expect(kindOf(FAMILIES, 'spoon')).toBeUndefined();
  });
});
