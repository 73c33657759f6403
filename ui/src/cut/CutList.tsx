import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { type ListedCut, sentenceOf } from '../api/client';
import { useCuts, useFamilies, useLathes } from '../api/records';
import { leaveFirstRun, startFirstRun, useFirstRun } from '../frame/firstRun';
import { Header } from '../frame/Header';
import { DO, FIELD, QUIET, SHOP } from '../frame/looks';
import { savedBy } from '../frame/SavedBy';
import { useTitle } from '../frame/useTitle';
import { ForKeepers } from '../people/ForKeepers';
import { PickList } from './ChoiceInput';
import { copyCut, deleteCut } from './copies';
import { last, stored } from './draft';
import { machinesOf } from './families';
import { TypeCut } from './TypeCut';

const ORDERS = [
  { id: 'saved', words: 'saved last first', more: '' },
  { id: 'name', words: 'by name', more: '' },
];
const ALL = { id: 'all', words: 'all', more: '' };

/** The shop's cuts: found by words, sorted, of one operation or one machine; a new one typed in a line. */
export function CutList() {
  const cuts = useCuts();
  useTitle('Cuts');
  const [words, setWords] = useState('');
  const [order, setOrder] = useState('saved');
  const [operation, setOperation] = useState('all');
  const [machine, setMachine] = useState('all');
  const operations = (useFamilies().data ?? []).flatMap((family) => family.operations);
  const machines = machinesOf(useLathes().data ?? []);
  const { isNew } = useFirstRun();
  const navigate = useNavigate();
  const all = cuts.data ?? [];
  const shown = all
    .filter((cut) => has(cut, words))
    .filter((cut) => operation === 'all' || (cut.fields.operation ?? operations[0]?.id) === operation)
    .filter((cut) => machine === 'all' || cut.fields.lathe === machine);
  if (order === 'name') shown.sort((a, b) => a.name.localeCompare(b.name));
  return (
    <>
      <Header />
      <main className={SHOP}>
        <section aria-label="Cuts">
          <div className="flex flex-wrap items-center justify-between gap-3">
            <h1>Cuts</h1>
            <Link className={QUIET} to="/start">
              What this is, and where to start
            </Link>
          </div>
          {isNew && (
            <p className="flex flex-wrap items-center gap-2 pb-2">
              New here?
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
          )}
          <TypeCut />
          {cuts.error && <p role="alert">{sentenceOf(cuts.error)}</p>}
          <div className="mt-6 flex flex-wrap items-center gap-x-5 gap-y-1">
            <input
              type="search"
              className={`${FIELD} min-w-60 flex-1`}
              data-find
              aria-label="Find a cut by words"
              placeholder="Find by words: bush, bronze, H7"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
            <Narrowed
              label="Operation"
              all="all operations"
              value={operation}
              choices={operations}
              pick={setOperation}
            />
            <Narrowed label="Machine" all="all machines" value={machine} choices={machines} pick={setMachine} />
            <PickList
              label="Order"
              value={order}
              text={ORDERS.find((one) => one.id === order)?.words ?? ''}
              choices={ORDERS}
              onPick={setOrder}
            />
          </div>
          <ul
            className="cuts mt-3 [&_a]:inline-flex [&_a]:min-h-touch [&_a]:items-center [&_em]:text-warn [&_em]:not-italic [&>li]:grid [&>li]:min-h-[44px] [&>li]:grid-cols-[15rem_minmax(0,1fr)_auto_auto] [&>li]:items-baseline [&>li]:gap-x-5 [&>li]:gap-y-1 [&>li]:border-t [&>li]:border-line [&>li]:py-2 [&>li]:text-[1.1rem] [&>li>:last-child]:col-start-[-2] max-bench:[&>li]:grid-cols-[minmax(0,1fr)_auto]"
            aria-label="Cuts found"
          >
            {stored('new')?.changed && (
              <li>
                <Link to="/cut/new/cut">Go on with the new cut</Link>
                <em>not saved yet</em>
              </li>
            )}
            {shown.map((cut) => (
              <Row key={cut.id} cut={cut} />
            ))}
            {all.length > 0 && shown.length === 0 && <li>No cut has all of this. Try fewer words.</li>}
          </ul>
        </section>
      </main>
    </>
  );
}

const has = (cut: ListedCut, words: string) => {
  const card = `${cut.name} ${cut.says} ${cut.savedBy}`.toLowerCase();
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => card.includes(word));
};

interface NarrowedProps {
  label: string;
  all: string;
  value: string;
  choices: { id: string; words: string; more: string }[];
  pick: (id: string) => void;
}

function Narrowed({ label, all, value, choices, pick }: NarrowedProps) {
  return (
    <PickList
      label={label}
      value={value}
      text={choices.find((one) => one.id === value)?.words ?? all}
      choices={[{ ...ALL, words: all }, ...choices]}
      onPick={pick}
    />
  );
}

function Row({ cut }: { cut: ListedCut }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [busy, setBusy] = useState(false);
  const once = (work: Promise<unknown>) => {
    setBusy(true);
    void work.finally(() => setBusy(false));
  };
  return (
    <li data-cut={cut.name}>
      <Link to={`/cut/${cut.id}/cut`}>{cut.name}</Link>
      <span className="cut-says max-bench:col-span-full max-bench:row-start-2">{cut.says}</span>
      {savedBy(cut) && <span className="text-ink-2">{savedBy(cut)}</span>}
      {stored(cut.id)?.changed && <em>not saved yet</em>}
      <span className="ml-auto flex gap-1 whitespace-nowrap">
        <ForKeepers>
          <button
            type="button"
            className={QUIET}
            disabled={busy}
            aria-label={`Copy ${cut.name}`}
            onClick={() => once(copyCut(cut.id, queries).then((id) => id && navigate(`/cut/${id}/cut`)))}
          >
            Copy
          </button>
          <button
            type="button"
            className={QUIET}
            disabled={busy}
            aria-label={`Delete ${cut.name}`}
            onClick={() => once(deleteCut(cut.id, queries))}
          >
            Delete
          </button>
        </ForKeepers>
      </span>
    </li>
  );
}

/** The way in: the cut last worked on; who was never here begins at the start. */
export function WayIn({ to }: { to: (path: string) => React.ReactNode }) {
  const cuts = useCuts();
  const at = last();
  if (!at) return to('/start');
  if (stored(at)?.changed || cuts.error) return to(`/cut/${at}/cut`);
  if (!cuts.data) return null;
  return to(cuts.data.some((cut) => cut.id === at) ? `/cut/${at}/cut` : '/start');
}
