import { dayOf, minuteOf } from './clock';
import type { PlannedTask } from './records';

/** A day of the drawing: from which minute to which, and where it begins on the axis. */
export interface AxisDay {
  day: string;
  from: number;
  to: number;
  at: number;
}

const HOUR = 60;
const LAST = 24 * HOUR;

/** Between two days, in minutes of the axis. */
const GAP = 20;

const before = (day: string, other: string) => (day < other ? -1 : day > other ? 1 : 0);

/** Days on which something is done by hand or begun, each from its first full hour to its last; nights and free days fall out. */
export function axisOf(tasks: PlannedTask[]): AxisDay[] {
  const spans = new Map<string, { from: number; to: number }>();
  const take = (day: string, from: number, to: number) => {
    const span = spans.get(day) ?? { from, to };
    spans.set(day, { from: Math.min(span.from, from), to: Math.max(span.to, to) });
  };
  for (const task of tasks) {
    const [first, last] = [dayOf(task.start), dayOf(task.end)];
    const begins = minuteOf(task.start);
    take(first, begins, first === last ? Math.max(minuteOf(task.end), begins + 1) : begins + 1);
    if (first !== last) take(last, minuteOf(task.end), minuteOf(task.end) + 1);
  }
  let at = 0;
  return [...spans]
    .sort(([one], [other]) => before(one, other))
    .map(([day, span]) => {
      const from = Math.floor(span.from / HOUR) * HOUR;
      const to = Math.min(LAST, Math.max(from + HOUR, Math.ceil(span.to / HOUR) * HOUR));
      const here = { day, from, to, at };
      at += to - from + GAP;
      return here;
    });
}

/** Minutes of the whole axis. */
export const lengthOf = (days: AxisDay[]): number => {
  const last = days.at(-1);
  return last ? last.at + last.to - last.from : 0;
};

/** Where a moment lies on the axis; what falls into a night lies at its edge. */
export function placeOf(days: AxisDay[], moment: string): number {
  const day = dayOf(moment);
  const here = days.find((one) => one.day === day);
  if (here) return here.at + Math.min(Math.max(minuteOf(moment), here.from), here.to) - here.from;
  const next = days.find((one) => one.day > day);
  return next ? next.at : lengthOf(days);
}
