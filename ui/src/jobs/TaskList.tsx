import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { type Schemas, sentenceOf } from '../api/client';
import { useMe } from '../api/records';
import { FIELD, QUIET } from '../frame/looks';
import { ForKeepers } from '../people/ForKeepers';
import { now, spanInWords, timeOf } from './clock';
import { sayTick, type Tick, usePlaces } from './records';
import { TickBox } from './TickBox';

interface Props {
  id: string;
  tasks: Schemas['TaskTold'][];
  ticks: Tick[];
  unsaved: boolean;
}

/** What is done, by set-up, to be ticked off; others' ticks come by themselves. */
export function TaskList({ id, tasks, ticks, unsaved }: Props) {
  const places = usePlaces().data ?? [];
  const reads = useMe().data?.role === 'READER';
  return (
    <section aria-label="Tasks">
      <h2 className="mt-0!">What is done, by set-up</h2>
      {(id === 'new' || unsaved) && <p className="text-ink-2">Save the job, then it can be ticked off.</p>}
      <ol>
        {tasks.map((task) => (
          <Row
            key={task.id}
            job={id}
            task={task}
            place={places.find((one) => one.id === task.machine)?.name ?? 'at the bench'}
            tick={ticks.find((one) => one.task === task.id)}
            canTick={id !== 'new' && !unsaved && !reads}
          />
        ))}
      </ol>
    </section>
  );
}

interface RowProps {
  job: string;
  task: Schemas['TaskTold'];
  place: string;
  tick: Tick | undefined;
  canTick: boolean;
}

function Row({ job, task, place, tick, canTick }: RowProps) {
  const queries = useQueryClient();
  const [said, setSaid] = useState('');
  const [busy, setBusy] = useState(false);
  const say = (change: Partial<Schemas['TickEntry']>): Promise<void> => {
    setBusy(true);
    return sayTick(queries, job, tick, task.id, change)
      .then(() => setSaid(''))
      .catch((error: unknown) => setSaid(sentenceOf(error)))
      .finally(() => setBusy(false));
  };
  // What has not become of it comes as null or not at all.
  const done = !!tick?.doneAt;
  const begun = !!tick?.startedAt;
  return (
    <li className="flex flex-wrap items-center gap-x-4 border-t border-line py-1" data-task={task.id}>
      <div className={`flex min-h-touch min-w-60 flex-1 items-center gap-3 ${done ? 'text-ink-2' : ''}`}>
        <TickBox
          label={`${task.name}, ${task.pieces}: done`}
          checked={done}
          disabled={!canTick}
          tick={(ticked) => say({ doneAt: ticked ? now() : undefined })}
        />
        <span>
          <b className="font-semibold">{task.name}</b>, {task.pieces} – {place}
        </span>
      </div>
      <span className="text-small whitespace-nowrap text-ink-2">
        {task.hands ? '' : 'by itself '}
        {spanInWords(task.minutes)}
        {done && tick.doneAt
          ? `, done ${timeOf(tick.doneAt)}`
          : begun && tick.startedAt
            ? `, begun ${timeOf(tick.startedAt)}`
            : ''}
        {tick?.savedBy ? ` (${tick.savedBy})` : ''}
      </span>
      {canTick && (
        <ForKeepers>
          <span className="flex items-center gap-1">
            {!done && (
              <button
                type="button"
                className={QUIET}
                disabled={busy}
                onClick={() => void say({ startedAt: begun ? undefined : now() })}
              >
                {begun ? 'Not begun' : 'Begin'}
              </button>
            )}
            <Lost key={tick?.lost ?? 0} lost={tick?.lost ?? 0} name={task.name} onSay={(lost) => void say({ lost })} />
          </span>
        </ForKeepers>
      )}
      {said && (
        <p role="alert" className="w-full text-warn">
          {said}
        </p>
      )}
    </li>
  );
}

/** Pieces that were spoilt at a task. */
function Lost({ lost, name, onSay }: { lost: number; name: string; onSay: (lost: number) => void }) {
  const [text, setText] = useState(lost ? String(lost) : '');
  const say = () => {
    const count = text.trim() === '' ? 0 : Number(text);
    if (Number.isInteger(count) && count >= 0 && count < 1000) {
      if (count !== lost) onSay(count);
    } else {
      setText(lost ? String(lost) : '');
    }
  };
  return (
    <label className="flex items-center gap-1.5 text-small text-ink-2">
      lost
      <input
        className={`${FIELD} w-14`}
        inputMode="numeric"
        aria-label={`Pieces lost: ${name}`}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={say}
        onKeyDown={(event) => {
          if (event.key === 'Enter') say();
        }}
      />
    </label>
  );
}
