import { describe, expect, it } from 'vitest';
import { axisOf, lengthOf, placeOf } from './axis';
import { dayInWords, later, momentInWords, spanInWords } from './clock';
import type { PlannedTask } from './records';

const task = (start: string, end: string) => ({ start, end }) as PlannedTask;

describe('the axis of the bars', () => {
  const days = axisOf([
    task('2026-12-01T07:10', '2026-12-01T09:30'),
    task('2026-12-01T15:20', '2026-12-02T08:05'),
    task('2026-12-02T10:00', '2026-12-02T10:40'),
  ]);

  it('has each day from its first full hour to its last, and no nights', () => {
    expect(days).toEqual([
      { day: '2026-12-01', from: 420, to: 960, at: 0 },
      { day: '2026-12-02', from: 480, to: 660, at: 560 },
    ]);
    expect(lengthOf(days)).toBe(740);
    expect(lengthOf([])).toBe(0);
  });

  it('places moments in order, those of a night at its edge', () => {
    expect(placeOf(days, '2026-12-01T07:10')).toBe(10);
    expect(placeOf(days, '2026-12-01T22:00')).toBe(540);
    expect(placeOf(days, '2026-12-02T08:05')).toBe(565);
    expect(placeOf(days, '2026-12-03T08:00')).toBe(740);
    expect(placeOf(days, '2026-11-30T08:00')).toBe(0);
  });
});

describe('times by the shop’s clock', () => {
  it('are moved over midnight and the end of a month', () => {
    expect(later('2026-11-30T23:50', 15)).toBe('2026-12-01T00:05');
    expect(later('2026-12-01T00:05', -15)).toBe('2026-11-30T23:50');
  });

  it('are said as they are said', () => {
    expect(dayInWords('2026-12-01T07:00')).toBe('Tue 1 Dec');
    expect(momentInWords('2026-12-01T07:05:00')).toContain('07:05');
    expect(spanInWords(119)).toBe('119 min');
    expect(spanInWords(120)).toBe('2 h');
    expect(spanInWords(125.4)).toBe('2 h 5 min');
  });
});
