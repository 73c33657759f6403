import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, given, type Schemas, sentenceOf } from '../api/client';
import { readAgain } from '../api/readAgain';
import { Header } from '../frame/Header';
import { DO, FIELD, QUIET, SHOP } from '../frame/looks';
import { notice } from '../frame/notices';
import { savedBy } from '../frame/SavedBy';
import { useTitle } from '../frame/useTitle';
import { ForKeepers } from '../people/ForKeepers';
import { momentInWords } from './clock';
import { JobTabs } from './JobTabs';
import { isUnsaved } from './jobDraft';
import { useJobs, useLoads } from './records';

/** The shop's jobs: what is wanted first first, how far each is. */
export function JobsPage() {
  const jobs = useJobs();
  useTitle('Jobs');
  const [words, setWords] = useState('');
  const navigate = useNavigate();
  const all = jobs.data ?? [];
  const shown = all.filter((job) => job.name.toLowerCase().includes(words.toLowerCase().trim()));
  return (
    <>
      <Header />
      <main className={SHOP}>
        <JobTabs />
        <section aria-label="Jobs">
          <h1>Jobs</h1>
          <p className="max-w-[46rem] text-ink-2">
            A job ties together what is made for one tool or one customer: how many, from which lengths, in which steps.
            The plan lays all open jobs into the hours of who works here.
          </p>
          <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-1.5">
            <ForKeepers>
              <button type="button" className={DO} onClick={() => void navigate('/jobs/new')}>
                A new job
              </button>
            </ForKeepers>
            <input
              type="search"
              className={`${FIELD} min-w-60 flex-1`}
              data-find
              aria-label="Find a job by its name"
              placeholder="Find by name: bars, reamer"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          </div>
          {jobs.error && <p role="alert">{sentenceOf(jobs.error)}</p>}
          <ul className="mt-3" aria-label="Jobs found">
            {isUnsaved('new') && (
              <li className="border-t border-line py-2 text-[1.1rem]">
                <Link to="/jobs/new" className="inline-flex min-h-touch items-center">
                  Go on with the new job
                </Link>{' '}
                <em className="text-warn not-italic">not saved yet</em>
              </li>
            )}
            {shown.map((job) => (
              <Row key={job.id} job={job} />
            ))}
            {all.length > 0 && shown.length === 0 && <li>No job is called that.</li>}
            {jobs.data?.length === 0 && <li>No job yet. Begin one here, or at the station Make of a cut.</li>}
          </ul>
          <Loads />
        </section>
      </main>
    </>
  );
}

function Row({ job }: { job: Schemas['ListedJob'] }) {
  const queries = useQueryClient();
  const [busy, setBusy] = useState(false);
  const remove = async () => {
    setBusy(true);
    try {
      const kept = await given(api.GET('/api/jobs/{id}', { params: { path: { id: job.id } } }));
      await given(api.DELETE('/api/jobs/{id}', { params: { path: { id: job.id }, query: { version: kept.version } } }));
      notice(`“${job.name}” is deleted, with what was ticked off of it.`, {
        words: 'Undo',
        does: () => {
          const { id, name, due, units, sheet, done } = kept;
          void given(api.POST('/api/jobs', { body: { id, version: 0, name, due, units, sheet, done } }))
            .then(() => readAgain(queries, { queryKey: ['jobs'] }))
            .catch((error: unknown) => notice(sentenceOf(error)));
        },
      });
    } catch (error) {
      notice(sentenceOf(error));
    } finally {
      setBusy(false);
      await readAgain(queries, { queryKey: ['jobs'] });
    }
  };
  return (
    <li
      data-job={job.name}
      className="grid min-h-[44px] grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)_minmax(8rem,auto)_auto] items-baseline gap-x-5 gap-y-1 border-t border-line py-2 text-[1.1rem] max-bench:grid-cols-[minmax(0,1fr)_auto]"
    >
      <span>
        <Link to={`/jobs/${job.id}`} className="inline-flex min-h-touch items-center">
          {job.name}
        </Link>
        {isUnsaved(job.id) && <em className="ml-3 text-warn not-italic">not saved yet</em>}
        {savedBy(job) && <span className="ml-3 text-small text-ink-2">{savedBy(job)}</span>}
      </span>
      <span className="max-bench:row-start-2">
        {job.done ? 'put away' : job.due ? `by ${momentInWords(job.due)}` : 'no day named'}
      </span>
      <Progress ticked={job.ticked} tasks={job.tasks} />
      <ForKeepers>
        <button
          type="button"
          className={QUIET}
          disabled={busy}
          aria-label={`Delete ${job.name}`}
          onClick={() => void remove()}
        >
          Delete
        </button>
      </ForKeepers>
    </li>
  );
}

/** How far a job is, as a bar and in words. */
function Progress({ ticked, tasks }: { ticked: number; tasks: number }) {
  const done = Math.min(ticked, tasks);
  return (
    <span className="flex items-center gap-2.5 text-small whitespace-nowrap max-bench:row-start-2">
      <span aria-hidden="true" className="h-2 w-18 border border-ink-2">
        <span className="block h-full bg-accent" style={{ width: `${tasks ? (100 * done) / tasks : 0}%` }} />
      </span>
      {done} of {tasks} done
    </span>
  );
}

/** What of several jobs can go into the furnace together. */
function Loads() {
  const loads = useLoads().data ?? [];
  if (loads.length === 0) return null;
  return (
    <div data-loads className="mt-3 border-l-5 border-line pl-3">
      {loads.map((load) => (
        <div key={load.sentences.join()}>
          <p className="font-semibold">One furnace load for several jobs: {load.steel}</p>
          {load.sentences.map((sentence) => (
            <p key={sentence} className="text-small">
              {sentence}
            </p>
          ))}
        </div>
      ))}
    </div>
  );
}
