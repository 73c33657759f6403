import { describe, expect, it } from 'vitest';
import type { FieldState } from '../api/client';
import type { CutAnswer } from './CutContext';
import { toolOf } from './keptTool';

const state = (id: string, typed: string, text: string, chosen = typed === ''): FieldState =>
  ({ id, label: id, typed, text, spelled: typed, chosen, error: '' }) as FieldState;

const answer = (...states: FieldState[]): CutAnswer => ({
  answer: undefined,
  stale: false,
  fields: new Map(states.map((one) => [one.id, one])),
});

describe('what is kept in the crib', () => {
  it('writes out what was chosen, so that the tool does not change when the advice does', () => {
    const bit = answer(state('blank', 'hss-10mm', '10 mm square HSS bit'), state('sideRake', '', '12°'));
    expect(toolOf(bit, 'tool')).toEqual({ blank: 'hss-10mm', sideRake: '12°' });
  });

  it('keeps of a bar its measurements only when it was measured, with the reach it was measured at', () => {
    const bar = [
      state('barDiameter', '12 mm', '12 mm'),
      state('barOverhang', '', '48 mm'),
      state('damping', '', '0.025'),
    ];
    expect(toolOf(answer(...bar, state('tipStiffness', '', '5 N/µm')), 'tool')).toEqual({ barDiameter: '12 mm' });
    expect(toolOf(answer(...bar, state('tipStiffness', '3 N/µm', '3 N/µm')), 'tool')).toEqual({
      barDiameter: '12 mm',
      tipStiffness: '3 N/µm',
      barOverhang: '48 mm',
    });
  });

  const parting = answer(
    state('blade', 'blade-2mm', '2 × 12 mm'),
    state('bladeWidth', '', '2 mm'),
    state('partHolder', 'split-block', 'a split block on the slide'),
    state('lathe', 'some-id', 'Bench Pocket'),
    state('hinge', '', '2.5 mm'),
    state('madeFloor', '31.72 mm', '31.72 mm'),
    state('madeSlot', '', '12.06 mm'),
    state('bladeCost', '9.50', '9.50'),
  );

  it('keeps a blade without its holder, and what it costs', () => {
    expect(toolOf(parting, 'tool')).toEqual({ blade: 'blade-2mm', bladeWidth: '2 mm', bladeCost: '9.50' });
  });

  it('keeps a holder with the lathe and the blade that it fits, as made where it was made', () => {
    expect(toolOf(parting, 'holder')).toEqual({
      partHolder: 'split-block',
      lathe: 'some-id',
      blade: 'blade-2mm',
      hinge: '2.5 mm',
      madeFloor: '31.72 mm',
    });
  });
});
