import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { api, given, sentenceOf } from '../api/client';
import { useMe } from '../api/records';
import { MEND, QUIET } from '../frame/looks';
import { ForKeepers } from '../people/ForKeepers';
import { type AxisDay, axisOf, lengthOf, placeOf } from './axis';
import { dayInWords, later, momentInWords, now, timeOf } from './clock';
import { type PlannedTask, type PlanOfDays, sayTick } from './records';

/** Minutes that a key or a step of the pointer moves a bar by. */
const STEP = 15;

/** Pixels of a minute where the days are many: an hour is then as wide as a word. */
const LEAST_SCALE = 0.85;

const idOf = (task: PlannedTask) => `${task.job}|${task.task}`;

interface Props {
  plan: PlanOfDays;
  picked: string;
  onPick: (id: string) => void;
  /** Something was pinned or let go: it is to be planned anew. */
  onChange: () => void;
}

/** The plan as bars over time: a row for each person, then for each machine. Free days and nights are left out. */
export function Bars({ plan, picked, onPick, onChange }: Props) {
  const queries = useQueryClient();
  const [said, setSaid] = useState('');
  const reads = useMe().data?.role === 'READER';
  const days = axisOf(plan.tasks);
  const length = lengthOf(days);
  const rows = rowsOf(plan.tasks);
  const late = new Set(plan.jobs.filter((job) => job.late > 0).map((job) => job.id));
  const chosen = plan.tasks.find((task) => idOf(task) === picked);
  const pin = async (task: PlannedTask, at: string | undefined) => {
    try {
      const ticks = await given(api.GET('/api/jobs/{id}/ticks', { params: { path: { id: task.job } } }));
      const before = ticks.find((one) => one.task === task.task);
      await sayTick(queries, task.job, before, task.task, { pinnedAt: at });
      setSaid('');
      onChange();
    } catch (error) {
      setSaid(sentenceOf(error));
    }
  };
  return (
    <section aria-label="Bars over time" className="print:hidden">
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keys too */}
      <div className="overflow-x-auto border border-line bg-paper" tabIndex={0} role="group" aria-label="Plan as bars">
        <div
          className="grid grid-cols-[8.5rem_minmax(0,1fr)]"
          style={{ minWidth: `calc(8.5rem + ${Math.ceil(length * LEAST_SCALE)}px)` }}
        >
          <span className="sticky left-0 z-10 bg-paper" />
          <Scale days={days} length={length} />
          {rows.map((row) => (
            <Row
              key={row.name}
              row={row}
              days={days}
              length={length}
              late={late}
              picked={picked}
              still={reads}
              onPick={onPick}
              onMove={(task, minutes) => void pin(task, later(task.start, minutes))}
            />
          ))}
        </div>
      </div>
      <p className="pt-1 text-small text-ink-2">
        Filled: by hand. Striped: goes by itself. Dotted edge: pinned. Struck through: done. Double edge: late, or
        something is not kept. Drag a bar, or move it with the arrow keys, to pin it.
      </p>
      {said && <p role="alert">{said}</p>}
      {chosen && (
        <p
          className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-paper-2 px-3 py-1.5"
          data-picked={chosen.task}
          aria-live="polite"
        >
          <span>
            <b>{chosen.name}</b>, {chosen.pieces}: {momentInWords(chosen.start)} to{' '}
            {chosen.start.slice(0, 10) === chosen.end.slice(0, 10) ? timeOf(chosen.end) : momentInWords(chosen.end)}
            {chosen.machineName && `, ${chosen.machineName}`}
            {chosen.worker && `, ${chosen.worker}`}
          </span>
          <Link to={`/jobs/${chosen.job}`} className="inline-flex min-h-touch items-center">
            {chosen.jobName}
          </Link>
          <ForKeepers>
            {chosen.state === 'PINNED' && (
              <button type="button" className={MEND} onClick={() => void pin(chosen, undefined)}>
                Let it go where it fits
              </button>
            )}
            {chosen.state === 'FREE' && (
              <button type="button" className={QUIET} onClick={() => void pin(chosen, chosen.start.slice(0, 16))}>
                Pin it here
              </button>
            )}
            {chosen.state !== 'DONE' && (
              <button
                type="button"
                className={QUIET}
                onClick={() =>
                  void given(api.GET('/api/jobs/{id}/ticks', { params: { path: { id: chosen.job } } }))
                    .then((ticks) =>
                      sayTick(
                        queries,
                        chosen.job,
                        ticks.find((one) => one.task === chosen.task),
                        chosen.task,
                        { doneAt: now() },
                      ),
                    )
                    .catch((error: unknown) => setSaid(sentenceOf(error)))
                }
              >
                Done
              </button>
            )}
          </ForKeepers>
        </p>
      )}
    </section>
  );
}

interface BarRow {
  name: string;
  tasks: PlannedTask[];
}

/** Persons first, then machines, as they come in the plan. */
function rowsOf(tasks: PlannedTask[]): BarRow[] {
  const rows = (of: (task: PlannedTask) => string) => {
    const byName = new Map<string, PlannedTask[]>();
    for (const task of tasks) {
      const name = of(task);
      if (name) byName.set(name, [...(byName.get(name) ?? []), task]);
    }
    return [...byName].map(([name, some]) => ({ name, tasks: some }));
  };
  return [...rows((task) => task.worker), ...rows((task) => task.machineName)];
}

const share = (minutes: number, length: number) => `${(100 * minutes) / Math.max(1, length)}%`;

function Scale({ days, length }: { days: AxisDay[]; length: number }) {
  return (
    <div className="relative h-11 text-fine text-ink-2" aria-hidden="true">
      {days.map((day) => (
        <span key={day.day} className="absolute top-0" style={{ left: share(day.at, length) }}>
          <b className="whitespace-nowrap text-ink">{dayInWords(day.day)}</b>
        </span>
      ))}
      {days.flatMap((day) =>
        Array.from({ length: Math.floor((day.to - day.from) / 120) + 1 }, (_, at) => day.from + at * 120)
          .filter((minute) => minute < day.to)
          .map((minute) => (
            <span
              key={`${day.day} ${minute}`}
              className="absolute bottom-0 border-l border-ink-2 pl-0.75 tabular-nums"
              style={{ left: share(day.at + minute - day.from, length) }}
            >
              {minute / 60}
            </span>
          )),
      )}
    </div>
  );
}

interface RowProps {
  row: BarRow;
  days: AxisDay[];
  length: number;
  late: Set<string>;
  picked: string;
  /** Whoever may only read moves nothing. */
  still: boolean;
  onPick: (id: string) => void;
  onMove: (task: PlannedTask, minutes: number) => void;
}

function Row({ row, days, length, late, picked, still, onPick, onMove }: RowProps) {
  const line = useRef<HTMLDivElement>(null);
  return (
    <>
      <span className="sticky left-0 z-10 flex items-center border-t border-line bg-paper pr-2 pl-2 text-small leading-tight font-[550]">
        {row.name}
      </span>
      <div ref={line} className="relative h-12 border-t border-line" data-row={row.name}>
        {days.map((day) => (
          <span
            key={day.day}
            aria-hidden="true"
            className="absolute inset-y-0 bg-paper-2 opacity-60"
            style={{ left: share(day.at, length), width: share(day.to - day.from, length) }}
          />
        ))}
        {row.tasks.map((task) => (
          <Bar
            key={idOf(task)}
            task={task}
            left={placeOf(days, task.start)}
            right={placeOf(days, task.end)}
            length={length}
            isLate={late.has(task.job)}
            isPicked={picked === idOf(task)}
            still={still}
            width={() => line.current?.clientWidth ?? 0}
            onPick={() => onPick(idOf(task))}
            onMove={(minutes) => onMove(task, minutes)}
          />
        ))}
      </div>
    </>
  );
}

interface BarProps {
  task: PlannedTask;
  left: number;
  right: number;
  length: number;
  isLate: boolean;
  isPicked: boolean;
  still: boolean;
  width: () => number;
  onPick: () => void;
  onMove: (minutes: number) => void;
}

function Bar({ task, left, right, length, isLate, isPicked, still, width, onPick, onMove }: BarProps) {
  const [dragged, setDragged] = useState(0);
  const from = useRef<number>(undefined);
  const canMove = !still && (task.state === 'FREE' || task.state === 'PINNED');
  const minutes = (pixels: number) => Math.round((pixels * length) / Math.max(1, width()) / 5) * 5;
  const look = [
    task.state === 'DONE'
      ? 'bg-paper text-ink-2 line-through'
      : task.hands
        ? 'bg-accent text-accent-ink'
        : 'bar-waits text-ink',
    task.state === 'PINNED' ? 'border-dotted border-2' : isLate || task.broken ? 'border-double border-4' : 'border',
    isLate || task.broken ? 'border-warn' : 'border-ink',
    isPicked ? 'z-5 outline-3 outline-offset-1 outline-accent' : '',
  ].join(' ');
  const says = `${task.name}, ${task.pieces}, ${momentInWords(task.start)} to ${timeOf(task.end)}`;
  return (
    <button
      type="button"
      aria-label={`${says}${task.state === 'DONE' ? ', done' : task.state === 'PINNED' ? ', pinned' : ''}${isLate ? ', late' : ''}`}
      aria-pressed={isPicked}
      title={`${task.jobName}: ${says}`}
      data-bar={task.task}
      className={`absolute top-1 bottom-1 touch-pan-y overflow-hidden rounded-edge px-1 text-left text-fine leading-tight whitespace-nowrap ${look}`}
      style={{
        left: share(left, length),
        width: `max(6px, ${share(right - left, length)})`,
        transform: dragged ? `translateX(${dragged}px)` : undefined,
      }}
      onClick={onPick}
      onFocus={onPick}
      onKeyDown={(event) => {
        const by = event.key === 'ArrowLeft' ? -STEP : event.key === 'ArrowRight' ? STEP : 0;
        if (by === 0 || !canMove || event.ctrlKey || event.altKey || event.metaKey) return;
        event.preventDefault();
        onMove(event.shiftKey ? by * 4 : by);
      }}
      onPointerDown={(event) => {
        if (!canMove || event.button !== 0) return;
        from.current = event.clientX;
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => {
        if (from.current !== undefined) setDragged(event.clientX - from.current);
      }}
      onPointerUp={(event) => {
        const by = from.current === undefined ? 0 : minutes(event.clientX - from.current);
        from.current = undefined;
        setDragged(0);
        if (by !== 0) onMove(by);
      }}
      onPointerCancel={() => {
        from.current = undefined;
        setDragged(0);
      }}
    >
      {task.name}
    </button>
  );
}
