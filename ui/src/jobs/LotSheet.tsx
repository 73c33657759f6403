import { useChoices } from '../api/records';
import { PickList } from '../cut/ChoiceInput';
import { FIELD, QUIET, READING } from '../frame/looks';
import { newOperation } from './jobDraft';
import { OperationRow } from './OperationRow';
import { type Lot, type Operation, usePlaces } from './records';

interface Props {
  lot: Lot;
  at: number;
  lots: Lot[];
  errors: Record<string, string>;
  onWrite: (next: Lot) => void;
  onRemove: () => void;
}

type Text = 'name' | 'wanted' | 'spare' | 'fromBar' | 'length' | 'facing' | 'section';

const ENTRIES: { field: Text; words: string; example: string; wide: string }[] = [
  { field: 'name', words: 'What is made', example: 'boring bar 12', wide: 'min-w-48 flex-2' },
  { field: 'wanted', words: 'How many', example: '6', wide: 'w-24' },
  { field: 'spare', words: 'Spare', example: '0', wide: 'w-20' },
  { field: 'fromBar', words: 'From which bar', example: 'silver steel 12', wide: 'min-w-40 flex-1' },
  { field: 'length', words: 'Finished length', example: '94', wide: 'w-30' },
  { field: 'facing', words: 'Off both ends', example: '2', wide: 'w-28' },
];

/** A lot: pieces that are all made the same way, with its operations in order. */
export function LotSheet({ lot, at, lots, errors, onWrite, onRemove }: Props) {
  const places = usePlaces().data ?? [];
  const steels = useChoices().data?.toolSteels ?? [];
  const wrong = (field: string) => errors[`lots[${at}].${field}`];
  const operations = (next: Operation[]) => onWrite({ ...lot, operations: next });
  const steel = steels.find((one) => one.id === lot.steel);
  return (
    <section aria-label={lot.name || `Lot ${at + 1}`} data-lot={lot.name}>
      <div className="flex items-center justify-between gap-3 border-b border-line">
        <h2 className="mt-2!">{lot.name || `Lot ${at + 1}`}</h2>
        {lots.length > 1 && (
          <button type="button" className={QUIET} aria-label={`Remove ${lot.name || 'this lot'}`} onClick={onRemove}>
            Remove
          </button>
        )}
      </div>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2 pt-2.5">
        {ENTRIES.map(({ field, words, example, wide }) => (
          <label key={field} className={`${READING} ${wide}`}>
            <span>{words}</span>
            <input
              className={`${FIELD} w-full`}
              value={lot[field]}
              placeholder={example}
              aria-invalid={!!wrong(field)}
              data-entry={field}
              onChange={(event) => onWrite({ ...lot, [field]: event.target.value })}
            />
            {wrong(field) && <em role="alert">{wrong(field)}</em>}
          </label>
        ))}
        <div className={READING}>
          <span>Hardened</span>
          <PickList
            label="Steel that is hardened"
            value={lot.steel || 'none'}
            text={steel?.words ?? 'no'}
            choices={[{ id: 'none', words: 'no', more: '' }, ...steels]}
            wrong={wrong('steel')}
            onPick={(id) => onWrite({ ...lot, steel: id === 'none' ? '' : id })}
          />
        </div>
        {lot.steel && (
          <label className={`${READING} w-28`}>
            <span>Thickest section</span>
            <input
              className={`${FIELD} w-full`}
              value={lot.section}
              placeholder="12"
              aria-invalid={!!wrong('section')}
              onChange={(event) => onWrite({ ...lot, section: event.target.value })}
            />
            {wrong('section') && <em role="alert">{wrong('section')}</em>}
          </label>
        )}
      </div>
      <ol className="mt-3" aria-label={`Operations of ${lot.name || 'this lot'}`}>
        {lot.operations.map((one, number) => (
          <OperationRow
            key={one.id}
            operation={one}
            number={number}
            of={lot.operations.length}
            places={places}
            others={lots.filter((other) => other.id !== lot.id)}
            before={lot.operations.slice(0, number)}
            wrong={(field) => errors[`lots[${at}].operations[${number}].${field}`]}
            onWrite={(next) => operations(lot.operations.map((other) => (other.id === one.id ? next : other)))}
            onRemove={() => operations(lot.operations.filter((other) => other.id !== one.id))}
            onMove={(by) => operations(moved(lot.operations, number, by))}
          />
        ))}
      </ol>
      <button type="button" className={QUIET} onClick={() => operations([...lot.operations, newOperation()])}>
        Another operation
      </button>
    </section>
  );
}

function moved(all: Operation[], from: number, by: number): Operation[] {
  const next = [...all];
  const [one] = next.splice(from, 1);
  if (one) next.splice(from + by, 0, one);
  return next;
}
