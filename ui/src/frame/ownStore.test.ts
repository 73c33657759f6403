import { afterEach, describe, expect, it } from 'vitest';
import { ownStore, storeIsOf } from './ownStore';

describe('what the browser keeps for a person', () => {
  afterEach(() => {
    storeIsOf('');
    localStorage.clear();
  });

  it('is not another’s', () => {
    storeIsOf('Tove');
    ownStore.setItem('bw.last', 'a');
    storeIsOf('Udo');
    expect(ownStore.getItem('bw.last')).toBeNull();
    ownStore.setItem('bw.last', 'b');
    storeIsOf('Tove');
    expect(ownStore.getItem('bw.last')).toBe('a');
  });

  it('is taken over, once, from before people were told apart', () => {
    ownStore.setItem('bw.draft.new', 'typed for long');
    localStorage.setItem('bw.shade', 'dim');
    storeIsOf('Tove');
    expect(ownStore.getItem('bw.draft.new')).toBe('typed for long');
    expect(localStorage.getItem('bw.shade')).toBe('dim');
    storeIsOf('Udo');
    expect(ownStore.getItem('bw.draft.new')).toBeNull();
  });
});
