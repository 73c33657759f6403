import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, download, given, sentenceOf } from '../api/client';
import { Header } from '../frame/Header';
import { DO, QUIET, SHOP } from '../frame/looks';
import { useTitle } from '../frame/useTitle';
import { ForKeepers } from '../people/ForKeepers';
import { AwayForm } from './AwayForm';
import { Bars } from './Bars';
import { momentInWords, now, spanInWords } from './clock';
import { DayList } from './DayList';
import { JobTabs } from './JobTabs';
import { type PlanOfDays, planAnew, usePlan } from './records';

/** All open jobs laid into the hours of who works here: bars over time, each day's list in words, what is late. */
export function PlanPage() {
  const plan = usePlan();
  useTitle('The plan', 'Jobs');
  return (
    <>
      <Header>
        <button type="button" className={QUIET} onClick={() => void download('/api/schedule/plan.ics', 'plan.ics')}>
          For a calendar
        </button>
        <button type="button" className={QUIET} onClick={() => void download('/api/schedule/plan.csv', 'plan.csv')}>
          As a table (CSV)
        </button>
        <button type="button" className={QUIET} onClick={() => window.print()}>
          Print the days
        </button>
      </Header>
      <main className={`${SHOP} max-w-none!`}>
        <JobTabs />
        {plan.error && <p role="alert">{sentenceOf(plan.error)}</p>}
        {plan.data && <Plan plan={plan.data} />}
      </main>
    </>
  );
}

function Plan({ plan }: { plan: PlanOfDays }) {
  const queries = useQueryClient();
  const [said, setSaid] = useState('');
  const [busy, setBusy] = useState(false);
  const [picked, setPicked] = useState('');
  const searching = plan.state === 'SEARCHING';
  const once = (work: Promise<unknown>) => {
    if (busy) return;
    setBusy(true);
    setSaid('');
    work.catch((error: unknown) => setSaid(sentenceOf(error))).finally(() => setBusy(false));
  };
  // A plan of the days to come stays one: it is not drawn back to now.
  const from = plan.state !== 'NONE' && plan.from > now() ? plan.from : undefined;
  const stop = async () => {
    queries.setQueryData(['plan-of-days'], await given(api.POST('/api/schedule/stop')));
  };
  return (
    <>
      <section aria-label="The plan" className="print:hidden">
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <h1>The plan</h1>
          <ForKeepers>
            <button type="button" className={DO} disabled={busy} onClick={() => once(planAnew(queries))}>
              Plan from now
            </button>
            <AwayForm onAway={() => once(planAnew(queries))} />
          </ForKeepers>
          {searching && (
            <span className="flex items-center gap-3" role="status">
              <progress
                className="w-32"
                max={plan.longest}
                value={plan.seconds}
                aria-label="Search for a shorter plan"
              />
              searching for a shorter one, {Math.round(plan.seconds)} of {Math.round(plan.longest)} s
              <button type="button" className={QUIET} disabled={busy} onClick={() => once(stop())}>
                Keep the best so far
              </button>
            </span>
          )}
        </div>
        {said && <p role="alert">{said}</p>}
        {plan.state === 'NONE' ? (
          <p className="mt-2">
            Nothing is planned yet. <Link to="/jobs/hours">Who works when</Link> is asked of everybody once; then plan.
          </p>
        ) : (
          <Verdict plan={plan} />
        )}
      </section>
      {plan.tasks.length > 0 && (
        <Bars plan={plan} picked={picked} onPick={setPicked} onChange={() => once(planAnew(queries, from))} />
      )}
      <DayList days={plan.days} tasks={plan.tasks} onPick={setPicked} />
    </>
  );
}

/** How good the plan is, what is late with what would help, and what it does not keep. */
function Verdict({ plan }: { plan: PlanOfDays }) {
  const late = plan.jobs.filter((job) => job.late > 0);
  return (
    <div className="mt-1.5 max-w-[72rem]">
      <p>
        {plan.verdict}
        {plan.idle > 0 && ` Hands have ${spanInWords(plan.idle)} to spare in between.`}{' '}
        <span className="text-ink-2">Planned from {momentInWords(plan.from)}.</span>
      </p>
      {plan.behind && <p className="text-warn">{plan.behind}</p>}
      {late.map((job) => (
        <p key={job.id} data-late={job.name}>
          <b className="text-warn">
            “{job.name}” is {spanInWords(job.late)} late.
          </b>{' '}
          {job.remedy}
        </p>
      ))}
      {plan.broken.map((sentence) => (
        <p key={sentence} className="text-warn" data-broken>
          {sentence}
        </p>
      ))}
      {plan.left.map((sentence) => (
        <p key={sentence} className="text-warn">
          {sentence}
        </p>
      ))}
    </div>
  );
}
