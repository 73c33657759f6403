import { Dialog } from 'radix-ui';
import { useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Schemas } from '../api/client';
import { useAnswer, useCut, useEdit } from '../cut/CutContext';
import { sceneOfStep } from '../cut/planDesk';
import { ValueInput } from '../cut/ValueInput';
import { AS_MADE, CAUTIONS, DO, FIELD, QUIET } from '../frame/looks';
import { useAwake } from '../frame/useAwake';
import { Plate } from '../plate/Plate';
import { type BenchPage, benchPages, firstOpen, ticksWith } from './benchPages';
import { asClock, useSoakClock } from './soakClock';

interface Props {
  /** Whether what is measured is written beside the plan: a grind. */
  ground: boolean;
}

/** A button that opens the route for the bench: one step at a time, in large figures. */
export function BenchDialog({ ground }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>
        <button type="button" className={QUIET}>
          At the bench, a step at a time
        </button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Content
          className="bench fixed inset-0 z-41 grid grid-rows-[auto_minmax(0,1fr)_auto] bg-paper text-ink"
          aria-describedby={undefined}
        >
          <Bench ground={ground} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Bench({ ground }: Props) {
  const { draft } = useCut();
  const { answer } = useAnswer();
  const edit = useEdit();
  const awake = useAwake();
  const turnedAt = useRef(Number.NEGATIVE_INFINITY);
  const pages = benchPages(answer?.steps ?? []);
  const [at, setAt] = useState(() => firstOpen(pages, draft.ticks));
  // A pedal that turns pages sends these two, wherever one stands.
  useHotkeys('pagedown', () => turn(1), { enableOnFormTags: true, preventDefault: true });
  useHotkeys('pageup', () => turn(-1), { enableOnFormTags: true, preventDefault: true });
  // The route may become shorter while it stands open: a value that was measured changes it.
  const here = Math.min(at, pages.length - 1);
  const page = pages[here];
  function turn(by: number) {
    turnedAt.current = performance.now();
    setAt(Math.max(0, Math.min(pages.length - 1, here + by)));
  }
  if (!answer || !page) return <Dialog.Title className="p-5">There is no route to follow.</Dialog.Title>;
  const isLast = here === pages.length - 1;
  const done = draft.ticks[page.id] ?? false;
  const next = () => {
    // A wet thumb taps twice: the second tap is not of the step that has just come.
    if (performance.now() - turnedAt.current < TWICE_MS) return;
    for (const id of ticksWith(page)) edit({ kind: 'tick', id, on: true });
    turn(1);
  };
  const ticked = pages.filter((one) => draft.ticks[one.id]).length;
  return (
    <>
      <header className="flex items-center gap-4 border-b border-line px-5 py-1.5 max-hand:gap-3 max-hand:px-3">
        <p className="figures text-more whitespace-nowrap text-ink-2" data-where>
          {page.number} of {answer.steps.length}
        </p>
        <Dialog.Title className="flex-1 text-[1.5rem] leading-tight font-[650] max-hand:text-[1.25rem]">
          {page.step.title}
        </Dialog.Title>
        <Dialog.Close className={QUIET}>Leave</Dialog.Close>
      </header>
      <section aria-label={page.step.title} key={page.id} className="overflow-auto px-5 py-4">
        <div className="mx-auto grid max-w-[1500px] grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] items-start gap-x-8 gap-y-4 max-bench:grid-cols-[minmax(0,1fr)]">
          <div className="min-w-0 text-[1.45rem] leading-snug max-hand:text-[1.25rem]">
            <Row page={page} />
            {page.step.waitsMin > 0 && <Soak cut={draft.id} step={page.step} />}
            <ul className="grid gap-2">
              {page.step.lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            <Measured page={page} ground={ground} />
            {page.step.cautions.length > 0 && (
              <ul className={`${CAUTIONS} text-[1.15rem]!`}>
                {page.step.cautions.map((caution) => (
                  <li key={caution}>{caution}</li>
                ))}
              </ul>
            )}
            <p className="mt-3 text-[1.15rem]">
              <b>Check:</b> {page.step.check}
            </p>
            <p className="mt-1 text-[1.15rem] text-ink-2">{page.step.why}</p>
          </div>
          <div className="min-w-0 max-hand:overflow-x-auto">
            <Plate scene={sceneOfStep(answer, page.step.scene)} still />
          </div>
        </div>
      </section>
      <footer className="border-t-2 border-ink bg-paper-2 px-5 pt-3 pb-4">
        <div className="mx-auto grid max-w-[1500px] grid-cols-[minmax(0,1fr)_minmax(0,1fr)_minmax(0,2fr)] gap-3">
          <button
            type="button"
            className={`${QUIET} ${BIG} border-line!`}
            disabled={here === 0}
            onClick={() => turn(-1)}
          >
            Back
          </button>
          <button type="button" className={`${QUIET} ${BIG} border-line!`} disabled={isLast} onClick={() => turn(1)}>
            Skip
          </button>
          {isLast && done ? (
            <Dialog.Close className={`${DO} ${BIG}`}>That is all</Dialog.Close>
          ) : (
            <button type="button" className={`${DO} ${BIG}`} onClick={next}>
              {done ? 'Next' : 'Done'}
            </button>
          )}
        </div>
        <p className="mx-auto mt-1.5 max-w-[1500px] text-small text-ink-2" role="status">
          {ticked} of {pages.length} done.
          {awake ? '' : ' This browser lets the screen go dark: set that in the device.'}
        </p>
      </footer>
    </>
  );
}

/** Two taps within it are one, ms. */
const TWICE_MS = 350;

/** For a wet thumb. */
const BIG = 'min-h-[72px]! justify-center text-[1.5rem]! font-[650]!';

/** One row of what is done again and again: its figures as large as the screen bears, and how many are left. */
function Row({ page: { step, row, left } }: { page: BenchPage }) {
  if (!row) return null;
  return (
    <dl className="mb-4 flex flex-wrap gap-x-8 gap-y-2 border-b border-line pb-4">
      {row.cells.map((cell, i) => (
        <div key={step.table.columns[i]}>
          <dt className="text-base text-ink-2">{step.table.columns[i]}</dt>
          <dd className="figures text-[2.4rem] leading-tight font-semibold max-hand:text-[1.9rem]">{cell}</dd>
        </div>
      ))}
      <div>
        <dt className="text-base text-ink-2">Left after this</dt>
        <dd className="figures text-[2.4rem] leading-tight font-semibold max-hand:text-[1.9rem]">{left}</dd>
      </div>
    </dl>
  );
}

/** What waits by itself has a clock, which goes on while the bench is left. */
function Soak({ cut, step }: { cut: string; step: Schemas['MakeStep'] }) {
  const { left, start, stop } = useSoakClock(cut, step.id, step.waitsMin);
  return (
    <div className="mb-4 flex flex-wrap items-center gap-x-6 gap-y-2 border-b border-line pb-4">
      <p className="figures text-[3.4rem] leading-none font-semibold" role="timer" data-soak>
        {asClock(left === undefined ? step.waitsMin * 60 : Math.max(0, left))}
      </p>
      {left === undefined ? (
        <button type="button" className={`${DO} min-h-[56px]!`} onClick={start}>
          It waits from now
        </button>
      ) : (
        <button type="button" className={`${QUIET} min-h-[56px]! border-line!`} onClick={stop}>
          Set it back
        </button>
      )}
      {left !== undefined && left <= 0 && (
        <p role="alert" className="font-[650] text-warn">
          The time is up{left < -1 ? `, ${asClock(left)} ago` : ''}.
        </p>
      )}
    </div>
  );
}

/** What is measured at this step, beside what was drawn. */
function Measured({ page: { step }, ground }: { page: BenchPage; ground: boolean }) {
  const { draft } = useCut();
  const { fields } = useAnswer();
  const edit = useEdit();
  if (!step.measures) return null;
  return ground ? (
    <label className={`${AS_MADE} mt-3!`}>
      <span>
        {fields.get(step.measures)?.label}: wanted{' '}
        <b className="figures text-[2rem] whitespace-nowrap">{step.target}</b>, measured
      </span>
      <input
        className={`${FIELD} figures min-h-[56px]! text-[1.6rem]!`}
        value={draft.measured[step.measures] ?? ''}
        placeholder="—"
        onChange={(event) => edit({ kind: 'measured', id: step.measures, text: event.target.value })}
      />
    </label>
  ) : (
    <p className={`${AS_MADE} mt-3! [&_button]:text-[1.6rem]! [&_input]:text-[1.6rem]!`}>
      <span className="w-full">
        As drawn <b className="figures text-[2rem] whitespace-nowrap max-hand:whitespace-normal">{step.target}</b>
      </span>
      <span>As made</span> <ValueInput field={step.measures} place="sentence" />
    </p>
  );
}
