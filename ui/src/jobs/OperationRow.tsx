import { useId, useState } from 'react';
import type { Schemas, Texts } from '../api/client';
import { PickList } from '../cut/ChoiceInput';
import { lastUnits, useOpenMeant } from '../cut/useTyped';
import { FIELD, QUIET, READING } from '../frame/looks';
import { PickTool } from '../stations/PickTool';
import type { Lot, Operation } from './records';

interface Props {
  operation: Operation;
  number: number;
  of: number;
  places: Schemas['Place'][];
  others: Lot[];
  before: Operation[];
  wrong: (field: string) => string | undefined;
  onWrite: (next: Operation) => void;
  onRemove: () => void;
  onMove: (by: number) => void;
}

const BENCH = { id: 'bench', words: 'at the bench', more: '' };
const WHEN = [
  { id: 'ANY', words: 'whenever somebody is there', more: '' },
  { id: 'NOT_LAST_HALF_HOUR', words: 'not in the last half hour of the day', more: 'a quench' },
  { id: 'DAYLIGHT', words: 'by daylight', more: 'where colours are read' },
];

/** An operation: what, on which machine, how long; the rest of it when it is opened. */
export function OperationRow(props: Props) {
  const { operation, number, places, wrong, onWrite } = props;
  const [open, setOpen] = useState(false);
  const more = useId();
  const place = places.find((one) => one.id === operation.machine);
  const hidden = ['bond', 'bondTo', 'after', 'when'].some((field) => wrong(field));
  const input = (field: 'name' | 'setUp' | 'each', words: string, example: string, wide: string) => (
    <label className={`${READING} ${wide}`}>
      <span className={number > 0 ? 'bench:sr-only' : ''}>{words}</span>
      <input
        className={`${FIELD} w-full`}
        value={operation[field]}
        placeholder={example}
        aria-label={`${words}, operation ${number + 1}`}
        aria-invalid={!!wrong(field)}
        data-entry={field}
        onChange={(event) => onWrite({ ...operation, [field]: event.target.value })}
      />
      {wrong(field) && <em role="alert">{wrong(field)}</em>}
    </label>
  );
  return (
    <li className="border-t border-line py-1.5" data-operation={operation.name}>
      <div className="grid grid-cols-[1.6rem_minmax(12rem,2fr)_minmax(9rem,1fr)_6rem_6rem_9rem] items-end gap-x-3 gap-y-1 max-bench:grid-cols-[1.6rem_minmax(0,1fr)_6rem_6rem]">
        <span className="self-end pb-2 text-ink-2 tabular-nums">{number + 1}</span>
        {input('name', 'Operation', 'drill and ream', 'max-bench:col-span-3')}
        <div className={`${READING} max-bench:col-start-2`}>
          <span className={number > 0 ? 'bench:sr-only' : ''}>On</span>
          <PickList
            label={`On, operation ${number + 1}`}
            value={operation.machine || BENCH.id}
            text={place?.name ?? (operation.machine ? 'no longer there' : BENCH.words)}
            choices={[BENCH, ...places.map((one) => ({ id: one.id, words: one.name, more: '' }))]}
            wrong={wrong('machine')}
            onPick={(id) => onWrite({ ...operation, machine: id === BENCH.id ? '' : id })}
          />
        </div>
        {input('setUp', operation.waits ? 'The load, min' : 'Set-up, min', '20', '')}
        {input('each', 'Each, min', operation.waits ? '' : '8', '')}
        <button
          type="button"
          className={`${QUIET} justify-self-start text-left leading-tight max-bench:col-span-3 max-bench:col-start-2`}
          aria-expanded={open || hidden}
          aria-controls={more}
          onClick={() => setOpen(!open)}
        >
          {says(operation) || 'More'}
        </button>
      </div>
      {(open || hidden) && (
        <div id={more}>
          <More {...props} />
        </div>
      )}
    </li>
  );
}

/** What is particular about an operation, in a few words. */
const says = (one: Operation) =>
  [one.waits && 'by itself', one.bond, one.gauge && 'first piece', one.unbroken && 'in one go']
    .filter(Boolean)
    .join(', ');

function More({ operation, number, of, others, before, wrong, onWrite, onRemove, onMove }: Props) {
  const mark = (field: 'waits' | 'unbroken' | 'gauge', words: string) => (
    <label className="flex min-h-touch items-center gap-2">
      <input
        type="checkbox"
        className="tick -m-[7px] size-touch flex-none p-[7px] accent-accent"
        checked={operation[field]}
        onChange={(event) => onWrite({ ...operation, [field]: event.target.checked })}
      />
      {words}
    </label>
  );
  const mates = others.flatMap((lot) =>
    lot.operations.map((one) => ({ id: one.id, words: `${lot.name || 'lot'}: ${one.name || 'operation'}`, more: '' })),
  );
  return (
    <div className="ml-8 flex flex-wrap items-start gap-x-5 gap-y-2 bg-paper-2 px-3 py-2.5 max-bench:ml-0">
      {mark('waits', 'Goes by itself (soak, temper, cooling)')}
      {mark('gauge', 'First piece alone up to here, then measured')}
      {mark('unbroken', 'In one go, no break in it')}
      <label className={`${READING} min-w-52`}>
        <span>Held how, with which cutter</span>
        <input
          className={FIELD}
          value={operation.holding}
          placeholder="vise, 5 mm cutter"
          onChange={(event) => onWrite({ ...operation, holding: event.target.value })}
        />
        <small>Lots that share it on one machine share the set-up.</small>
      </label>
      {number > 0 && (
        <label className={`${READING} w-52`}>
          <span>Follows</span>
          <input
            className={FIELD}
            value={operation.bond}
            placeholder="at once; within 30 min; after 20 min"
            aria-invalid={!!wrong('bond')}
            onChange={(event) => onWrite({ ...operation, bond: event.target.value })}
          />
          {wrong('bond') && <em role="alert">{wrong('bond')}</em>}
        </label>
      )}
      {number > 1 && operation.bond && (
        <div className={READING}>
          <span>after</span>
          <PickList
            label="Follows which"
            value={operation.bondTo || 'last'}
            text={before.find((one) => one.id === operation.bondTo)?.name ?? 'the one before'}
            choices={[
              { id: 'last', words: 'the one before', more: '' },
              ...before.map((one) => ({ id: one.id, words: one.name, more: '' })),
            ]}
            wrong={wrong('bondTo')}
            onPick={(id) => onWrite({ ...operation, bondTo: id === 'last' ? '' : id })}
          />
        </div>
      )}
      <div className={READING}>
        <span>When</span>
        <PickList
          label="When it may be done"
          value={operation.when || 'ANY'}
          text={WHEN.find((one) => one.id === operation.when)?.words ?? 'whenever somebody is there'}
          choices={WHEN}
          wrong={wrong('when')}
          onPick={(when) => onWrite({ ...operation, when })}
        />
      </div>
      {!operation.waits && (
        <div className={READING}>
          <span>Cut with</span>
          <PickTool
            label={`Cut with, operation ${number + 1}`}
            value={operation.tool}
            none="no tool of the crib"
            onPick={(tool) => onWrite({ ...operation, tool })}
          />
          <small>Ticked off, it clocks that tool’s edge.</small>
        </div>
      )}
      {(mates.length > 0 || operation.after.length > 0) && (
        <div className={READING}>
          <span>Waits for its mate</span>
          <PickList
            label="Waits for an operation of another lot"
            value={operation.after[0] ?? 'none'}
            text={mates.find((one) => one.id === operation.after[0])?.words ?? 'nothing'}
            choices={[{ id: 'none', words: 'nothing', more: '' }, ...mates]}
            wrong={wrong('after')}
            onPick={(id) => onWrite({ ...operation, after: id === 'none' ? [] : [id] })}
          />
        </div>
      )}
      <span className="ml-auto flex gap-1">
        {Object.keys(operation.opens).length > 0 && <OpenAsCut fields={operation.opens} />}
        <button type="button" className={QUIET} disabled={number === 0} onClick={() => onMove(-1)}>
          Earlier
        </button>
        <button type="button" className={QUIET} disabled={number === of - 1} onClick={() => onMove(1)}>
          Later
        </button>
        <button type="button" className={QUIET} onClick={onRemove}>
          Remove
        </button>
      </span>
    </div>
  );
}

/** An operation that is a cut itself, opened as one. */
function OpenAsCut({ fields }: { fields: Texts }) {
  const open = useOpenMeant();
  return (
    <button type="button" className={QUIET} onClick={() => open(fields, lastUnits())}>
      Open it as a cut
    </button>
  );
}
