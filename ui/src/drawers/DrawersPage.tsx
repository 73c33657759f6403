import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, given, Refused, sentenceOf } from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { readAgain } from '../api/readAgain';
import { lastUnits } from '../cut/useTyped';
import { Header } from '../frame/Header';
import { DO, FIELD, KEEP, QUIET, SHOP } from '../frame/looks';
import { useTitle } from '../frame/useTitle';
import { ForKeepers } from '../people/ForKeepers';
import { GrindingSession } from './GrindingSession';
import { type StockLine, useStock } from './records';
import { StockRow } from './StockRow';

/** What lies in the drawers: how many are ready, dull, worn out, when to order, and one session at the grinder for all that is dull. */
export function DrawersPage() {
  useTitle('Drawers');
  const units = lastUnits();
  const stock = useStock(units);
  const [words, setWords] = useState('');
  const fits = (text: string) =>
    words
      .toLowerCase()
      .split(/\s+/)
      .every((word) => text.toLowerCase().includes(word));
  const lines = (stock.data ?? []).filter(({ line }) => fits(`${line.name} ${line.drawer} ${line.note}`));
  const order = (stock.data ?? []).filter((one) => one.order);
  return (
    <>
      <Header>
        <Link className={QUIET} to="/crib">
          Crib
        </Link>
        <button type="button" className={QUIET} onClick={() => window.print()}>
          Print
        </button>
      </Header>
      <main className={SHOP}>
        <section aria-label="Drawers">
          <h1>Drawers</h1>
          <p className="text-ink-2">
            Things of which several lie there, and bars of which some is left. What becomes of them is said as it
            happens; the counts are sums of that.
          </p>
          {order.length > 0 && (
            <p className="my-2 border-l-5 border-warn px-3 py-1.5">
              To order: {order.map(({ line }) => line.name).join(', ')}.
            </p>
          )}
          {(stock.data?.length ?? 0) > 8 && (
            <input
              type="search"
              className={`${FIELD} my-2 w-full max-w-xl`}
              aria-label="Find in the drawers"
              placeholder="Find by words: insert, B5"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          )}
          {stock.error && <p role="alert">{sentenceOf(stock.error)}</p>}
          {lines.length > 0 && (
            <ul className="my-2" aria-label="What lies there">
              {lines.map((told) => (
                <StockRow key={told.line.id} told={told} units={units} />
              ))}
            </ul>
          )}
          {stock.data && lines.length === 0 && (
            <p>{words ? 'Nothing has all of this.' : 'Nothing is kept here yet.'}</p>
          )}
          <ForKeepers>
            <NewLine />
          </ForKeepers>
        </section>
        <GrindingSession />
      </main>
    </>
  );
}

const FRESH = { name: '', drawer: '', measure: 'PIECES' as StockLine['measure'] };

function NewLine() {
  const queries = useQueryClient();
  const newRecord = useNewRecord();
  const [draft, setDraft] = useState(FRESH);
  const [said, setSaid] = useState('');
  const [wrong, setWrong] = useState<Record<string, string>>({});
  const [busy, setBusy] = useState(false);
  const keep = async () => {
    setBusy(true);
    try {
      await given(api.POST('/api/stock', { body: { ...newRecord(draft), version: 0 } }));
      setDraft(FRESH);
      setSaid('Kept. Say below its name how many there are.');
      setWrong({});
      await readAgain(queries, { queryKey: ['stock'] });
    } catch (error) {
      setSaid(sentenceOf(error));
      if (error instanceof Refused) setWrong(error.fields);
    } finally {
      setBusy(false);
    }
  };
  return (
    <form
      className={KEEP}
      aria-label="Something new"
      onSubmit={(event) => {
        event.preventDefault();
        if (!busy) void keep();
      }}
    >
      <input
        className={`${FIELD} min-w-60 flex-1`}
        aria-label="Something new in a drawer"
        placeholder="something new: groove inserts 3 mm"
        value={draft.name}
        aria-invalid={!!wrong.name}
        onChange={(event) => setDraft({ ...draft, name: event.target.value })}
      />
      <input
        className={`${FIELD} w-40`}
        aria-label="Drawer"
        placeholder="drawer"
        value={draft.drawer}
        onChange={(event) => setDraft({ ...draft, drawer: event.target.value })}
      />
      <label className="inline-flex min-h-touch items-center gap-2">
        <input
          type="checkbox"
          className="tick size-touch p-[7px] accent-accent"
          checked={draft.measure === 'LENGTH'}
          onChange={(event) => setDraft({ ...draft, measure: event.target.checked ? 'LENGTH' : 'PIECES' })}
        />
        a bar, measured by its length
      </label>
      <button type="submit" className={DO} disabled={busy}>
        Keep it
      </button>
      {wrong.name && <em role="alert">{wrong.name}</em>}
      {said && !wrong.name && <p role="status">{said}</p>}
    </form>
  );
}
