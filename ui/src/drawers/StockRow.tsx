import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, given, Refused, sentenceOf, type Units } from '../api/client';
import { readAgain } from '../api/readAgain';
import { PickList } from '../cut/ChoiceInput';
import { DO, FIELD, LOG, QUIET, READING } from '../frame/looks';
import { dayOf, now } from '../jobs/clock';
import { ForKeepers } from '../people/ForKeepers';
import { amountInWords, type Movement, type StockMove, type StockTold, useMovements, useMoves } from './records';

interface Props {
  told: StockTold;
  /** What bare lengths mean, and in which they are said. */
  units: Units;
}

/** One thing: what is there of it, what that means, and what became of it. */
export function StockRow({ told, units }: Props) {
  const { line } = told;
  const [open, setOpen] = useState(false);
  const counts =
    line.measure === 'PIECES'
      ? [`${told.ready} ready`, told.dull ? `${told.dull} dull` : '', told.worn ? `${told.worn} worn out` : '']
      : [`${amountInWords(told.ready, line.measure, units)} left`];
  return (
    <li className="border-t border-line" data-stock={line.name}>
      <button
        type="button"
        className="grid min-h-touch w-full grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)_7rem] items-center gap-x-4 py-1.5 text-left max-hand:grid-cols-[minmax(0,1fr)]"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <span className="text-more font-semibold">
          {line.name}
          {told.order && <span className="ml-2 font-[550] text-warn">order</span>}
        </span>
        <span>{counts.filter(Boolean).join(', ')}</span>
        <span className="text-ink-2">{line.drawer}</span>
      </button>
      {told.sentences.map((sentence) => (
        <p key={sentence} className="pb-1 text-small text-ink-2">
          {sentence}
        </p>
      ))}
      {open && <Opened told={told} units={units} />}
    </li>
  );
}

function Opened({ told, units }: Props) {
  const { line } = told;
  const queries = useQueryClient();
  const moves = useMoves(line.id, true);
  const [said, setSaid] = useState('');
  const again = () => readAgain(queries, { queryKey: ['stock'] });
  const after = (work: Promise<unknown>, words: string) =>
    void work
      .then(() => setSaid(words))
      .catch((error: unknown) => setSaid(sentenceOf(error)))
      .finally(() => void again());
  const path = { id: line.id };
  return (
    <div className="pb-3 pl-4">
      <ForKeepers>
        <MoveForm told={told} units={units} onKept={() => void again()} />
        <LineForm key={line.version} told={told} onSaved={() => void again()} />
      </ForKeepers>
      {line.toolId && (
        <p>
          One of <Link to={`/tools/${line.toolId}`}>this tool of the crib</Link>: a grind in its log sharpens a dull
          one.
        </p>
      )}
      {said && <p role="status">{said}</p>}
      <ul className={LOG} aria-label="What became of it">
        {(moves.data ?? []).map((move, at) => (
          <li key={move.id}>
            <span>{move.onDay}</span>
            <span>
              <Words move={move} measure={line.measure} units={units} />
              {at === 0 && (
                <ForKeepers>
                  <button
                    type="button"
                    className={`${QUIET} ml-2`}
                    onClick={() =>
                      after(
                        given(
                          api.DELETE('/api/stock/{id}/moves/{move}', {
                            params: { path: { ...path, move: move.id } },
                          }),
                        ),
                        'Taken back.',
                      )
                    }
                  >
                    Take it back
                  </button>
                </ForKeepers>
              )}
            </span>
          </li>
        ))}
      </ul>
      <ForKeepers>
        <button
          type="button"
          className={QUIET}
          onClick={() => {
            if (!window.confirm(`Take “${line.name}” out of the drawers, with all that became of it?`)) return;
            after(
              given(api.DELETE('/api/stock/{id}', { params: { path, query: { version: line.version } } })),
              'Taken out.',
            );
          }}
        >
          Take it out of the drawers
        </button>
      </ForKeepers>
    </div>
  );
}

interface WordsProps {
  move: StockMove;
  measure: StockTold['line']['measure'];
  units: Units;
}

function Words({ move, measure, units }: WordsProps) {
  const named = useMovements().data?.find((one) => one.id === choice(move.movement))?.words ?? '';
  return (
    <>
      {amountInWords(move.amount, measure, units)} {named}
      {move.made ? `, after ${move.made} pieces each` : ''}
      {move.note && <em> {move.note}</em>}
    </>
  );
}

/** An id as choices have it. */
const choice = (movement: Movement): string => movement.toLowerCase().replaceAll('_', '-');

const LASTS = new Set<Movement>(['DULLED', 'BROKEN', 'WORN_OUT']);
const OF_A_BAR = new Set<Movement>(['BOUGHT', 'USED', 'COUNTED']);

/** What became of it now. */
function MoveForm({ told, units, onKept }: Props & { onKept: () => void }) {
  const { line } = told;
  const bar = line.measure === 'LENGTH';
  const all = useMovements().data ?? [];
  const choices = all.filter((one) => !bar || OF_A_BAR.has(one.id.toUpperCase().replaceAll('-', '_') as Movement));
  const [movement, setMovement] = useState<Movement>(bar ? 'USED' : 'DULLED');
  const [amount, setAmount] = useState(bar ? '' : '1');
  const [made, setMade] = useState('');
  const [day, setDay] = useState(dayOf(now()));
  // One id until it is kept: sent twice it is kept once, and the same again the next day is another one.
  const [id, setId] = useState(() => crypto.randomUUID());
  const [said, setSaid] = useState('');
  const [wrong, setWrong] = useState<Record<string, string>>({});
  const [busy, setBusy] = useState(false);
  const keep = async () => {
    if (busy) return;
    setBusy(true);
    const body = { id, onDay: day, movement, amount, made: LASTS.has(movement) ? made : '', units };
    try {
      await given(api.POST('/api/stock/{id}/moves', { params: { path: { id: line.id } }, body }));
      setId(crypto.randomUUID());
      setMade('');
      setWrong({});
      setSaid('Kept.');
      onKept();
    } catch (error) {
      setSaid(sentenceOf(error));
      setWrong(error instanceof Refused ? error.fields : {});
    } finally {
      setBusy(false);
    }
  };
  return (
    <form
      className="flex flex-wrap items-end gap-x-4 gap-y-2 py-2"
      aria-label={`What became of ${line.name}`}
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <label className={`${READING} w-28`}>
        <span>{bar ? 'Length' : 'How many'}</span>
        <input
          className={FIELD}
          value={amount}
          placeholder={bar ? (units === 'METRIC' ? '300 mm' : '12 in') : '1'}
          inputMode={bar ? 'text' : 'numeric'}
          aria-invalid={!!wrong.amount}
          onChange={(event) => setAmount(event.target.value)}
        />
      </label>
      <PickList
        label="What became of it"
        value={choice(movement)}
        text={choices.find((one) => one.id === choice(movement))?.words ?? ''}
        choices={choices}
        onPick={(one) => setMovement(one.toUpperCase().replaceAll('-', '_') as Movement)}
      />
      {LASTS.has(movement) && (
        <label className={`${READING} w-44`}>
          <span>Pieces that it had made</span>
          <input
            className={FIELD}
            value={made}
            placeholder="if counted"
            inputMode="numeric"
            aria-invalid={!!wrong.made}
            onChange={(event) => setMade(event.target.value)}
          />
        </label>
      )}
      <label className={`${READING} w-40`}>
        <span>Day</span>
        <input type="date" className={FIELD} value={day} onChange={(event) => setDay(event.target.value)} />
      </label>
      <button type="submit" className={DO} disabled={busy}>
        Say so
      </button>
      {(wrong.amount ?? wrong.made ?? wrong.movement ?? wrong.onDay) ? (
        <em role="alert" className="text-warn not-italic">
          {wrong.amount ?? wrong.made ?? wrong.movement ?? wrong.onDay}
        </em>
      ) : (
        said && <span role="status">{said}</span>
      )}
    </form>
  );
}

/** Where it lies, and how long a new one takes to come. */
function LineForm({ told, onSaved }: { told: StockTold; onSaved: () => void }) {
  const { line } = told;
  const [drawer, setDrawer] = useState(line.drawer);
  const [days, setDays] = useState(line.waitDays ? `${line.waitDays}` : '');
  const [said, setSaid] = useState('');
  const wait = days.trim() ? Number(days.replace(',', '.')) : undefined;
  const bad = wait !== undefined && !(wait > 0);
  const changed = drawer !== line.drawer || wait !== (line.waitDays ?? undefined);
  const save = async () => {
    try {
      const body = { ...line, toolId: line.toolId ?? undefined, drawer, waitDays: wait };
      await given(api.PUT('/api/stock/{id}', { params: { path: { id: line.id } }, body }));
      setSaid('Saved.');
    } catch (error) {
      setSaid(sentenceOf(error));
    }
    onSaved();
  };
  return (
    <form
      className="flex flex-wrap items-end gap-x-4 gap-y-2 pb-2"
      aria-label={`Where ${line.name} lies`}
      onSubmit={(event) => {
        event.preventDefault();
        if (!bad) void save();
      }}
    >
      <label className={`${READING} w-44`}>
        <span>Drawer</span>
        <input className={FIELD} value={drawer} onChange={(event) => setDrawer(event.target.value)} />
      </label>
      <label className={`${READING} w-44`}>
        <span>A new one takes, days</span>
        <input
          className={FIELD}
          value={days}
          inputMode="decimal"
          aria-invalid={bad}
          onChange={(event) => setDays(event.target.value)}
        />
        {bad && <em role="alert">Type days, such as 10.</em>}
      </label>
      {changed && !bad && (
        <button type="submit" className={QUIET}>
          Save
        </button>
      )}
      {said && <span role="status">{said}</span>}
    </form>
  );
}
