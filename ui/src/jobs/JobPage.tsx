import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, given, Refused, sentenceOf } from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { readAgain } from '../api/readAgain';
import { Header } from '../frame/Header';
import { DO, FIELD, QUIET, READING, SHOP, VIEW } from '../frame/looks';
import { useTitle } from '../frame/useTitle';
import { ForKeepers } from '../people/ForKeepers';
import { Chucking } from './Chucking';
import { JobSums } from './JobSums';
import { JobTabs } from './JobTabs';
import { draftOf, type JobDraft, newLot, useJobDesk } from './jobDraft';
import { LotFromCut } from './LotFromCut';
import { LotSheet } from './LotSheet';
import { useJob, useJobAnswer, useTicks } from './records';
import { StockSheet } from './StockSheet';
import { TaskList } from './TaskList';

/** One job: what is made and how, what that comes to, and what is ticked off of it. */
export function JobPage() {
  const { id = 'new' } = useParams();
  // Another job is another page: nothing of the last one's stands in it.
  return <Desk key={id} id={id} />;
}

function Desk({ id }: { id: string }) {
  const job = useJob(id);
  const desk = useJobDesk(id, job.data);
  useTitle(desk.draft?.name || 'New job', 'Jobs');
  return (
    <>
      <Header />
      <main className={SHOP}>
        <JobTabs />
        {job.error && !desk.draft && <p role="alert">{sentenceOf(job.error)}</p>}
        {desk.draft && <Job id={id} draft={desk.draft} desk={desk} />}
      </main>
    </>
  );
}

interface Props {
  id: string;
  draft: JobDraft;
  desk: ReturnType<typeof useJobDesk>;
}

function Job({ id, draft, desk }: Props) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const newJob = useNewRecord();
  const [said, setSaid] = useState('');
  const [wrong, setWrong] = useState<Record<string, string>>({});
  const [theirs, setTheirs] = useState<JobDraft>();
  const [busy, setBusy] = useState(false);
  const ticks = useTicks(id);
  const answer = useJobAnswer(id, draft.sheet, draft.units, JSON.stringify(ticks.data?.map((one) => one.version)));
  const errors = { ...answer.data?.errors, ...wrong };
  const write = (change: Partial<JobDraft>) => {
    setSaid('');
    setWrong({});
    desk.write({ ...draft, ...change });
  };
  const save = async (over = draft.version) => {
    if (busy) return;
    setBusy(true);
    const { name, units, sheet, done } = draft;
    const body = { version: over, name, due: draft.due || undefined, units, sheet, done };
    try {
      const saved =
        id === 'new'
          ? await given(api.POST('/api/jobs', { body: newJob(body) }))
          : await given(api.PUT('/api/jobs/{id}', { params: { path: { id } }, body }));
      queries.setQueryData(['jobs', saved.id], saved);
      desk.done();
      setTheirs(undefined);
      setWrong({});
      setSaid('Saved.');
      await readAgain(queries, { queryKey: ['jobs'] });
      if (id === 'new') void navigate(`/jobs/${saved.id}`, { replace: true });
    } catch (error) {
      setSaid(sentenceOf(error));
      if (error instanceof Refused) {
        setWrong(error.fields);
        if (error.code === 'saved-by-another') {
          const kept = await given(api.GET('/api/jobs/{id}', { params: { path: { id } } }));
          setTheirs(draftOf(kept));
        }
      }
    } finally {
      setBusy(false);
    }
  };
  return (
    <>
      <section aria-label="Job">
        <h1 className="sr-only">{draft.name || 'New job'}</h1>
        <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
          <label className={`${READING} min-w-60 flex-1`}>
            <span>Job</span>
            <input
              className={`${FIELD} text-lead! font-semibold`}
              value={draft.name}
              placeholder="what the shop calls it: six boring bars"
              aria-invalid={!!wrong.name}
              data-entry="job"
              onChange={(event) => write({ name: event.target.value })}
            />
            {wrong.name && <em role="alert">{wrong.name}</em>}
          </label>
          <label className={READING}>
            <span>Wanted by</span>
            <input
              type="datetime-local"
              className={FIELD}
              value={draft.due}
              onChange={(event) => write({ due: event.target.value })}
            />
          </label>
          <fieldset className="views flex" aria-label="Bare numbers mean">
            {(['METRIC', 'INCH'] as const).map((units) => (
              <button
                key={units}
                type="button"
                className={VIEW}
                aria-pressed={draft.units === units}
                onClick={() => write({ units })}
              >
                {units === 'METRIC' ? 'mm' : 'in'}
              </button>
            ))}
          </fieldset>
          <ForKeepers>
            <button type="button" className={DO} disabled={busy} onClick={() => void save()}>
              Save the job{desk.unsaved ? ' •' : ''}
            </button>
          </ForKeepers>
          {desk.unsaved && id !== 'new' && (
            <button type="button" className={QUIET} onClick={desk.done}>
              Back to what is kept
            </button>
          )}
        </div>
        {said && <p role="status">{said}</p>}
        {theirs && (
          <p className="flex flex-wrap items-center gap-3 border-l-5 border-warn bg-caution px-3 py-1.75" role="alert">
            Somebody else has saved this job meanwhile.
            <button
              type="button"
              className={QUIET}
              onClick={() => {
                desk.done();
                setTheirs(undefined);
                setSaid('');
                void readAgain(queries, { queryKey: ['jobs', id] });
              }}
            >
              Take theirs
            </button>
            <button type="button" className={QUIET} onClick={() => void save(theirs.version)}>
              Save mine over it
            </button>
          </p>
        )}
      </section>
      {draft.sheet.lots.map((lot, at) => (
        <LotSheet
          key={lot.id}
          lot={lot}
          at={at}
          lots={draft.sheet.lots}
          errors={errors}
          onWrite={(next) =>
            write({ sheet: { ...draft.sheet, lots: draft.sheet.lots.map((one) => (one.id === lot.id ? next : one)) } })
          }
          onRemove={() =>
            write({ sheet: { ...draft.sheet, lots: draft.sheet.lots.filter((one) => one.id !== lot.id) } })
          }
        />
      ))}
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <button
          type="button"
          className={QUIET}
          onClick={() => write({ sheet: { ...draft.sheet, lots: [...draft.sheet.lots, newLot()] } })}
        >
          Another lot
        </button>
        <LotFromCut onLot={(lot) => write({ sheet: { ...draft.sheet, lots: [...draft.sheet.lots, lot] } })} />
      </div>
      <Chucking
        sheet={draft.sheet}
        name={draft.name}
        units={draft.units}
        onWrite={(sheet) => write({ sheet })}
        onLot={(lot) => write({ sheet: { ...draft.sheet, lots: [...draft.sheet.lots, lot] } })}
      />
      <StockSheet sheet={draft.sheet} errors={errors} onWrite={(sheet) => write({ sheet })} />
      {answer.error && <p role="alert">{sentenceOf(answer.error)}</p>}
      {answer.data && <JobSums answer={answer.data} lots={draft.sheet.lots} />}
      {answer.data && answer.data.tasks.length > 0 && (
        <TaskList id={id} tasks={answer.data.tasks} ticks={ticks.data ?? []} unsaved={desk.unsaved} />
      )}
      {id !== 'new' && (
        <ForKeepers>
          <p>
            <button type="button" className={QUIET} onClick={() => write({ done: !draft.done })}>
              {draft.done ? 'Take it up again' : 'Put this job away'}
            </button>{' '}
            <span className="text-ink-2">
              {draft.done ? 'It is put away: the plan leaves it out.' : 'What is put away stands in no plan.'}
            </span>
          </p>
        </ForKeepers>
      )}
    </>
  );
}
