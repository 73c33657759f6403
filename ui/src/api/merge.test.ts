import { describe, expect, it } from 'vitest';
import type { Texts } from './client';
import { merged } from './merge';

const WAS: Texts = { drawer: 'B4', note: 'sharp', power: '1.3 kW' };

describe('two people at one card', () => {
  it('takes from each what only that one has changed', () => {
    const { texts, clashes } = merged(WAS, { ...WAS, note: 'dull' }, { ...WAS, drawer: 'C7' });
    expect(texts).toEqual({ drawer: 'C7', note: 'dull', power: '1.3 kW' });
    expect(clashes).toEqual([]);
  });

  it('asks where both have, and keeps mine until it is told', () => {
    const { texts, clashes } = merged(WAS, { ...WAS, drawer: 'B5' }, { ...WAS, drawer: 'C7' });
    expect(texts.drawer).toBe('B5');
    expect(clashes).toEqual([{ field: 'drawer', was: 'B4', mine: 'B5', theirs: 'C7' }]);
  });

  it('does not ask where both have typed the same', () => {
    expect(merged(WAS, { ...WAS, drawer: 'C7' }, { ...WAS, drawer: 'C7' }).clashes).toEqual([]);
  });

  it('knows what was emptied from what was never there', () => {
    expect(merged(WAS, { ...WAS, note: '' }, WAS).texts.note).toBe('');
    expect(merged(WAS, WAS, { drawer: 'B4', power: '1.3 kW' }).texts.note).toBeUndefined();
    expect(merged(WAS, { ...WAS, centres: '600 mm' }, { ...WAS, swing: '330 mm' }).texts).toEqual({
      ...WAS,
      centres: '600 mm',
      swing: '330 mm',
    });
  });

  it('loses nothing that either has typed, whatever they do', () => {
    const values = ['', 'a', 'b', 'c'];
    for (const was of values)
      for (const mine of values)
        for (const theirs of values) {
          const { texts, clashes } = merged({ x: was }, { x: mine }, { x: theirs });
          const told = [texts.x, ...clashes.flatMap((one) => [one.mine, one.theirs])];
          if (mine !== was) expect(told).toContain(mine);
          if (theirs !== was) expect(told).toContain(theirs);
        }
  });
});
