import { describe, expect, it } from 'vitest';
import { backTo, changedSince } from './earlier';

describe('what a cut was', () => {
  const was = { name: 'Pin', fields: { diameter: '20 mm', feed: '0.1' } };

  it('tells what a later version changed, took away and added', () => {
    expect(changedSince(was, { name: 'Pin, short', fields: { diameter: '21 mm', speed: '300' } })).toEqual([
      { id: 'name', was: 'Pin', is: 'Pin, short' },
      { id: 'diameter', was: '20 mm', is: '21 mm' },
      { id: 'feed', was: '0.1', is: '' },
      { id: 'speed', was: '', is: '300' },
    ]);
    expect(changedSince(was, was)).toEqual([]);
  });

  it('goes back to all of it: what was not typed then is emptied', () => {
    expect(backTo(was.fields, { diameter: '21 mm', speed: '300' })).toEqual({
      diameter: '20 mm',
      feed: '0.1',
      speed: '',
    });
  });
});
