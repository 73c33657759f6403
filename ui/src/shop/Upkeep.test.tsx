import { describe, expect, it } from 'vitest';
import { saidWhen, worry } from './Upkeep';

const NOW = new Date(2026, 10, 30, 9, 0);
const room = { folder: '/srv/shop', freeMb: 9000, low: false, readOnly: false };
const backup = { at: NOW.toISOString(), file: '2026-11-30.dump', proved: true, sentence: '' };

describe('the upkeep of the records', () => {
  it('says when as one says it', () => {
    expect(saidWhen(new Date(2026, 10, 30, 2, 10).toISOString(), NOW)).toMatch(/^today .*2.10/);
    expect(saidWhen(new Date(2026, 10, 29, 23, 59).toISOString(), NOW)).toMatch(/^yesterday /);
    expect(saidWhen(new Date(2026, 10, 20, 2, 10).toISOString(), NOW)).toContain('2026');
  });

  it('worries nobody where nothing is wrong', () => {
    expect(worry({ room, backup })).toBe('');
    expect(worry({ room })).toBe('');
  });

  it('names the disk, what is left, and what went wrong', () => {
    expect(worry({ room: { ...room, low: true, freeMb: 120 } })).toContain('120 MB are left on the disk of /srv/shop');
    expect(worry({ room: { ...room, readOnly: true } })).toContain('read-only');
    expect(worry({ room, backup: { ...backup, proved: false, sentence: 'The backup failed.' } })).toBe(
      'The backup failed.',
    );
  });
});
