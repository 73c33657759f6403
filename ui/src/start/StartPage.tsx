import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { type Family, type ListedCut, sentenceOf } from '../api/client';
import { useCuts, useFamilies } from '../api/records';
import { PickList } from '../cut/ChoiceInput';
import { TypeCut } from '../cut/TypeCut';
import { lastUnits, useOpenMeant } from '../cut/useTyped';
import { leaveFirstRun, startFirstRun, useFirstRun } from '../frame/firstRun';
import { Header } from '../frame/Header';
import { DO, QUIET, SHOP } from '../frame/looks';
import { useTitle } from '../frame/useTitle';
import { oneOfEach } from './oneOfEach';

const JOBS_SHOWN = 5;

const EXAMPLES = ['bore 32 H7 from 31, 40 deep, bronze', 'keyway 6 in 22 bore, 40 long', 'M36x1.5 inside, 18 long'];

/** Where somebody begins who was never here: what this is, a line to type, jobs to look at, and what to start from. */
export function StartPage() {
  useTitle('Start');
  const cuts = useCuts();
  const families = useFamilies();
  return (
    <>
      <Header />
      <main className={`${SHOP} start`}>
        <div>
          <h1 className="pb-2 text-[1.9rem] leading-tight font-bold">What do you want to cut?</h1>
          <TypeCut examples={EXAMPLES} />
          <ol className="grid gap-1.5 pt-4 text-more">
            <Line number={1}>
              <b>Say the cut.</b> You get the tool for it: angles, nose, reach, speed and feed on your machine, and
              whether it will do.
            </Line>
            <Line number={2}>
              <b>Make the tool</b> by its steps and dimensions, then try it. Type what you measured: it tells what went
              wrong and what to change first.
            </Line>
            <Line number={3}>
              <b>Keep it.</b> Tools, trials and jobs stay on record, and your trials teach it your lathe.
            </Line>
          </ol>
          <WalkThrough />
          {cuts.error && <p role="alert">{sentenceOf(cuts.error)}</p>}
          <div className="grid grid-cols-2 gap-x-10 max-bench:grid-cols-[minmax(0,1fr)]">
            <section aria-labelledby="look-round">
              <h2 id="look-round">Open one and look round</h2>
              {cuts.data && families.data && <Jobs cuts={cuts.data} families={families.data} />}
            </section>
            <section aria-labelledby="start-from">
              <h2 id="start-from">Start from what you have</h2>
              <From cuts={cuts.data ?? []} />
            </section>
          </div>
        </div>
      </main>
    </>
  );
}

function Line({ number, children }: { number: number; children: React.ReactNode }) {
  return (
    <li className="grid grid-cols-[1.6rem_minmax(0,1fr)]">
      <span className="figures text-ink-2">{number}</span>
      <span>{children}</span>
    </li>
  );
}

function WalkThrough() {
  const { isNew } = useFirstRun();
  const navigate = useNavigate();
  if (!isNew) return null;
  return (
    <p className="flex flex-wrap items-center gap-2 pt-3">
      <button
        type="button"
        className={DO}
        onClick={() => {
          startFirstRun();
          void navigate('/cut/new/cut');
        }}
      >
        Walk through a first job
      </button>
      <button type="button" className={QUIET} onClick={leaveFirstRun}>
        No, thank you
      </button>
    </p>
  );
}

const ROWS =
  '[&>li]:border-t [&>li]:border-line [&>li]:py-1.5 [&_a]:inline-flex [&_a]:min-h-touch [&_a]:items-center [&_a]:text-more';

/** One cut of each kind that the shop has; in a shop that has none yet, what can be asked. */
function Jobs({ cuts, families }: { cuts: ListedCut[]; families: Family[] }) {
  const openMeant = useOpenMeant();
  const shown = oneOfEach(cuts, families, JOBS_SHOWN);
  if (shown.length === 0)
    return (
      <ul className={ROWS}>
        {families.slice(0, JOBS_SHOWN).map(({ operations: [first] }) =>
          first ? (
            <li key={first.id}>
              <button type="button" className={QUIET} onClick={() => openMeant({ operation: first.id }, lastUnits())}>
                {first.words} {first.more}
              </button>
            </li>
          ) : null,
        )}
      </ul>
    );
  return (
    <ul className={ROWS}>
      {shown.map((cut) => (
        <li key={cut.id}>
          <Link to={`/cut/${cut.id}/cut`}>{cut.name}</Link>
          <span className="line-clamp-1 text-ink-2">{cut.says}</span>
        </li>
      ))}
      <li>
        <Link to="/cuts">All cuts</Link>
      </li>
    </ul>
  );
}

/** What somebody may come with, and where it leads. */
function From({ cuts }: { cuts: ListedCut[] }) {
  const navigate = useNavigate();
  const [cut, setCut] = useState('');
  return (
    <ul className={ROWS}>
      <li>
        <Link to="/crib">A tool</Link>
        <span className="block text-ink-2">Find it in the crib: its card, its edge, what it will cut.</span>
      </li>
      <li>
        <Link to="/shop">A machine</Link>
        <span className="block text-ink-2">Put in your lathe’s speeds, feeds and swing: every answer is for it.</span>
      </li>
      <li>
        <Link to="/jobs">Many pieces</Link>
        <span className="block text-ink-2">What a batch takes, in which order, by when.</span>
      </li>
      {cuts.length > 0 && (
        <li>
          <span className="flex min-h-touch flex-wrap items-center gap-x-3 text-more">
            A problem, at
            <PickList
              label="The cut that went wrong"
              value={cut}
              text="which cut?"
              choices={cuts.map((one) => ({ id: one.id, words: one.name, more: one.says }))}
              onPick={(id) => {
                setCut(id);
                void navigate(`/cut/${id}/prove`);
              }}
            />
          </span>
          <span className="block text-ink-2">
            It chatters, tapers, squeals, tears, is off size: say what you saw and measured, and it tells the cause.
          </span>
        </li>
      )}
    </ul>
  );
}
