import { expect, it } from 'vitest';
import { savedBy } from './SavedBy';

it('says who saved, and what a file said of that beside who took it in', () => {
  expect(savedBy({ savedAt: '2026-11-30T04:12:11Z', savedBy: '' })).toBe('');
  expect(savedBy({ savedAt: '2026-11-30T04:12:11Z', savedBy: 'Orla' })).toBe('Orla, 2026-11-30');
  expect(
    savedBy({ savedAt: '2026-11-30T04:12:11Z', savedBy: 'Orla', saidAt: '2026-05-03T10:00:00Z', saidBy: 'Mara' }),
  ).toBe('from a file, taken in by Orla; it says: Mara, 2026-05-03');
  expect(savedBy({ savedAt: '2026-11-30T04:12:11Z', savedBy: '', saidAt: '2026-05-03T10:00:00Z', saidBy: '' })).toBe(
    'from a file; it says: 2026-05-03',
  );
});
