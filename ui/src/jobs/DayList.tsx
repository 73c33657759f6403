import { useQueryClient } from '@tanstack/react-query';
import { api, given, sentenceOf } from '../api/client';
import { useMe } from '../api/records';
import { notice } from '../frame/notices';
import { now } from './clock';
import { type PlannedTask, type PlanOfDays, sayTick } from './records';
import { TickBox } from './TickBox';

interface Props {
  days: PlanOfDays['days'];
  tasks: PlannedTask[];
  onPick: (task: string) => void;
}

/** What each day brings, person by person, with a box for what is done; printed a card a day. */
export function DayList({ days, tasks, onPick }: Props) {
  const queries = useQueryClient();
  const reads = useMe().data?.role === 'READER';
  const tick = async (job: string, task: string, done: boolean) => {
    try {
      const ticks = await given(api.GET('/api/jobs/{id}/ticks', { params: { path: { id: job } } }));
      const before = ticks.find((one) => one.task === task);
      await sayTick(queries, job, before, task, { doneAt: done ? now() : undefined });
    } catch (error) {
      notice(sentenceOf(error));
    }
  };
  return (
    <section
      aria-label="Days"
      className="grid grid-cols-[repeat(auto-fill,minmax(min(100%,27rem),1fr))] gap-x-7 gap-y-6 print:block"
    >
      {days.map((day) => (
        <div key={`${day.day} ${day.person}`} className="print:break-inside-avoid print:pb-4" data-day={day.day}>
          <h2 className="mt-0! border-b-2 border-ink-2 pb-0.5">
            {day.day}
            {day.person && <span className="font-normal text-ink-2"> · {day.person}</span>}
          </h2>
          <ul>
            {day.lines.map((line) => {
              const planned = tasks.find((one) => one.job === line.job && one.task === line.task);
              return (
                <li key={`${line.job} ${line.task}`} className="border-b border-line py-1">
                  <div className="grid min-h-touch grid-cols-[2.4rem_7.2rem_minmax(0,1fr)] items-baseline gap-x-2.5">
                    <TickBox
                      label={`${line.words}: done`}
                      checked={line.done}
                      disabled={reads}
                      onFocus={() => onPick(`${line.job}|${line.task}`)}
                      tick={(ticked) => tick(line.job, line.task, ticked)}
                    />
                    <span className="whitespace-nowrap tabular-nums">{line.time}</span>
                    <span className={line.done ? 'text-ink-2 line-through' : ''}>
                      {line.words}
                      <span className="text-ink-2"> · {planned?.jobName}</span>
                      {line.meanwhile && <span className="block text-small text-ink-2">{line.meanwhile}</span>}
                    </span>
                  </div>
                </li>
              );
            })}
          </ul>
        </div>
      ))}
    </section>
  );
}
