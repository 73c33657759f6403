import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { PlanAnswer, Scene } from '../api/client';
import { answered, onDesk } from '../test/desk';
import { BenchDialog } from './Bench';
import { benchPages, firstOpen, ticksWith } from './benchPages';
import { asClock } from './soakClock';

type Step = PlanAnswer['steps'][number];

const SCENE = {
  id: 's',
  title: 'S',
  left: 0,
  bottom: 0,
  width: 100,
  height: 74,
  scaleNote: '',
  strokes: [],
  labels: [],
};

const step = (id: string, part: Partial<Step> = {}): Step => ({
  id,
  title: `Title of ${id}`,
  lines: [`${id}, so`],
  why: 'why',
  check: 'check',
  measures: '',
  target: '',
  cautions: [],
  working: [],
  waitsMin: 0,
  opens: [],
  table: { columns: [], rows: [] },
  scene: SCENE as unknown as Scene,
  ...part,
});

const ROWS = step('passes', {
  table: {
    columns: ['Pass', 'Compound to'],
    rows: [
      { id: 'pass-1', cells: ['1', '3.8 thou'] },
      { id: 'pass-2', cells: ['2', '6 thou'] },
    ],
  },
});

describe('the route as pages', () => {
  it('has a page for each row of what is done again and again, and tells how many are left', () => {
    const pages = benchPages([step('a'), ROWS, step('b')]);
    expect(pages.map((page) => page.id)).toEqual(['a', 'pass-1', 'pass-2', 'b']);
    expect(pages.map((page) => page.number)).toEqual([1, 2, 2, 3]);
    expect(pages.map((page) => page.left)).toEqual([0, 1, 0, 0]);
  });

  it('begins at the first that is not ticked off, wherever it was ticked', () => {
    const pages = benchPages([step('a'), ROWS, step('b')]);
    expect(firstOpen(pages, {})).toBe(0);
    expect(firstOpen(pages, { a: true, 'pass-1': true })).toBe(2);
    expect(firstOpen(pages, { a: true, passes: true })).toBe(3);
    expect(firstOpen(pages, { a: true, passes: true, b: true })).toBe(0);
  });

  it('ticks the step with its last row', () => {
    const pages = benchPages([ROWS]);
    expect(pages.map(ticksWith)).toEqual([['pass-1'], ['pass-2', 'passes']]);
  });
});

describe('a clock', () => {
  it('shows minutes, and hours where there are some', () => {
    expect(asClock(0)).toBe('0:00');
    expect(asClock(1025)).toBe('17:05');
    expect(asClock(3750)).toBe('1:02:30');
    expect(asClock(-61)).toBe('1:01');
  });
});

describe('the bench', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    vi.setSystemTime(1_000_000_000_000);
    localStorage.clear();
  });
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
  });

  const opened = (steps: Step[], ticks: Record<string, boolean> = {}) => {
    const desk = onDesk(<BenchDialog ground={false} />, { ticks }, answered({ steps }));
    fireEvent.click(screen.getByText('At the bench, a step at a time'));
    return desk;
  };

  it('ticks off and goes on; a second tap at once is not of the next step', () => {
    const { edits } = opened([step('a'), step('b'), step('c')]);
    vi.advanceTimersByTime(1000);
    const done = () => fireEvent.click(screen.getByText('Done'));
    done();
    done();
    expect(edits).toEqual([{ kind: 'tick', id: 'a', on: true }]);
    expect(screen.getByText('Title of b')).toBeTruthy();
    vi.advanceTimersByTime(1000);
    done();
    expect(edits).toContainEqual({ kind: 'tick', id: 'b', on: true });
    expect(screen.getByText('3 of 3')).toBeTruthy();
  });

  it('turns by a pedal, and ticks nothing by it', () => {
    const { edits } = opened([step('a'), step('b')]);
    fireEvent.keyDown(document.body, { key: 'PageDown', code: 'PageDown' });
    expect(screen.getByText('Title of b')).toBeTruthy();
    fireEvent.keyDown(document.body, { key: 'PageUp', code: 'PageUp' });
    expect(screen.getByText('Title of a')).toBeTruthy();
    expect(edits).toEqual([]);
  });

  it('times what waits, and goes on while it is left', () => {
    opened([step('soak', { waitsMin: 17 })]);
    expect(screen.getByRole('timer').textContent).toBe('17:00');
    fireEvent.click(screen.getByText('It waits from now'));
    cleanup();
    vi.setSystemTime(1_000_000_000_000 + 5 * 60_000);
    opened([step('soak', { waitsMin: 17 })]);
    expect(screen.getByRole('timer').textContent).toBe('12:00');
    expect(screen.queryByRole('alert')).toBeNull();
    cleanup();
    vi.setSystemTime(1_000_000_000_000 + 18 * 60_000);
    opened([step('soak', { waitsMin: 17 })]);
    expect(screen.getByRole('timer').textContent).toBe('0:00');
    expect(screen.getByRole('alert').textContent).toBe('The time is up, 1:00 ago.');
  });
});
