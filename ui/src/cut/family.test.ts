import { describe, expect, it } from 'vitest';
import { familyOf, isParting } from './family';

describe('the family of an operation', () => {
  it('sends each operation to its tools, and what it does not know to turning', () => {
    expect(['turn', 'face', 'bore', 'part', 'groove', undefined].map(familyOf)).toEqual([
      'turning',
      'turning',
      'boring',
      'parting',
      'parting',
      'turning',
    ]);
    expect(isParting('bore')).toBe(false);
  });
});
