import type { Schemas } from '../api/client';

type Step = Schemas['MakeStep'];

/** What stands on the bench at one time: a step, or one row of a step that is done again and again. */
export interface BenchPage {
  /** What is ticked off. */
  id: string;
  step: Step;
  /** Of how many steps which it is, from 1. */
  number: number;
  /** The row of its table; nothing where the step has none. */
  row: Step['table']['rows'][number] | undefined;
  /** Rows that come after it in the same table. */
  left: number;
}

/** A route as pages in order. */
export function benchPages(steps: readonly Step[]): BenchPage[] {
  return steps.flatMap((step, i): BenchPage[] => {
    const { rows } = step.table;
    const number = i + 1;
    return rows.length === 0
      ? [{ id: step.id, step, number, row: undefined, left: 0 }]
      : rows.map((row, at) => ({ id: row.id, step, number, row, left: rows.length - 1 - at }));
  });
}

/** Where to begin: the first that is not ticked off. */
export function firstOpen(pages: readonly BenchPage[], ticks: Readonly<Record<string, boolean>>): number {
  const at = pages.findIndex((page) => !(ticks[page.id] || ticks[page.step.id]));
  return Math.max(0, at);
}

/** What is ticked off with a page: the last row of a step ticks the step too. */
export const ticksWith = (page: BenchPage): string[] =>
  page.row && page.left === 0 ? [page.id, page.step.id] : [page.id];
