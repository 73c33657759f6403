import { Link } from 'react-router';
import { sentenceOf, type Units } from '../api/client';
import { useCuts } from '../api/records';
import { PickList } from '../cut/ChoiceInput';
import { CAUTIONS, FIELD, QUIET, READING } from '../frame/looks';
import { newId, newLot, newOperation } from './jobDraft';
import { type Chucked, type Lot, type Sheet, useChucking } from './records';

interface Props {
  sheet: Sheet;
  name: string;
  units: Units;
  onWrite: (next: Sheet) => void;
  onLot: (lot: Lot) => void;
}

/** The piece itself, cut whole in one chucking: which cuts, in which order, with which tools where. */
export function Chucking({ sheet, name, units, onWrite, onLot }: Props) {
  const cuts = useCuts().data ?? [];
  const answer = useChucking(sheet.cuts, sheet.out, units);
  const others = cuts.filter((cut) => !sheet.cuts.includes(cut.id));
  if (cuts.length === 0 && sheet.cuts.length === 0) return null;
  const wrong = answer.data?.errors.out;
  const asLot = (route: Chucked) => {
    const lathe = cuts.find((cut) => sheet.cuts.includes(cut.id))?.fields.lathe ?? '';
    const operation = {
      ...newOperation(),
      name: 'all of it in one chucking',
      machine: lathe,
      setUp: `${Math.ceil(route.setUpMin)}`,
      each: `${Math.ceil(route.pieceMin)}`,
      gauge: true,
    };
    onLot({ ...newLot(), id: newId('lot'), name: name || 'the piece', operations: [operation] });
  };
  return (
    <section aria-label="In one chucking">
      <h2 className="mt-0!">The piece in one chucking</h2>
      <p className="text-ink-2">
        Cuts of one piece that are taken without letting go of it: face, drill, turn, bore, thread, part. Name them in
        any order.
      </p>
      <ul className="my-1.5 flex flex-wrap items-center gap-x-3 gap-y-1">
        {sheet.cuts.map((id) => {
          const cut = cuts.find((one) => one.id === id);
          return (
            <li key={id} className="inline-flex items-center border border-line">
              <Link to={`/cut/${id}`} className="inline-flex min-h-touch items-center px-2.5">
                {cut?.name ?? 'a cut that was deleted'}
              </Link>
              <button
                type="button"
                className={`${QUIET} px-2.5!`}
                aria-label={`Take out: ${cut?.name ?? 'a cut that was deleted'}`}
                onClick={() => onWrite({ ...sheet, cuts: sheet.cuts.filter((one) => one !== id) })}
              >
                ✕
              </button>
            </li>
          );
        })}
        {others.length > 0 && (
          <li>
            <PickList
              label="Another cut of the piece"
              value=""
              text={sheet.cuts.length === 0 ? 'A cut of the piece' : 'Another cut of the piece'}
              choices={others.map((cut) => ({ id: cut.id, words: cut.name, more: cut.says }))}
              onPick={(id) => onWrite({ ...sheet, cuts: [...sheet.cuts, id] })}
            />
          </li>
        )}
      </ul>
      {sheet.cuts.length > 0 && (
        <label className={`${READING} w-60`}>
          <span>Stands out of the chuck</span>
          <input
            className={FIELD}
            value={sheet.out}
            placeholder="as far as the cuts need"
            aria-invalid={!!wrong}
            onChange={(event) => onWrite({ ...sheet, out: event.target.value })}
          />
          {wrong && <em role="alert">{wrong}</em>}
        </label>
      )}
      {answer.error && <p role="alert">{sentenceOf(answer.error)}</p>}
      {sheet.cuts.length > 0 && answer.data && <Route route={answer.data} />}
      {answer.data && answer.data.steps.length > 0 && (
        <p className="mt-2 print:hidden">
          <button type="button" className={QUIET} onClick={() => answer.data && asLot(answer.data)}>
            Make it a lot of this job
          </button>
        </p>
      )}
    </section>
  );
}

function Route({ route }: { route: Chucked }) {
  const trouble = [...route.leftOut, ...route.doubts];
  return (
    <>
      {route.held && <p className="mt-2 text-lead">{route.held}</p>}
      {trouble.length > 0 && (
        <ul aria-label="What does not fit" className="my-2 border-l-5 border-warn px-3 py-1">
          {trouble.map((one) => (
            <li key={`${one.cut} ${one.id}`} className="py-0.5">
              {one.words}
            </li>
          ))}
        </ul>
      )}
      <ol aria-label="The route of the piece" className="my-2">
        {route.steps.map((step, at) => (
          <li
            key={step.id}
            data-step={step.id}
            className="grid grid-cols-[2rem_minmax(0,1.1fr)_minmax(0,1fr)] gap-x-3 border-t border-line py-2 max-hand:grid-cols-[2rem_minmax(0,1fr)]"
          >
            <span className="text-more font-semibold text-ink-2">{at + 1}</span>
            <div>
              <p className="text-more font-[550]">
                {step.cut ? <Link to={`/cut/${step.cut}`}>{step.title}</Link> : step.title}
              </p>
              <p className="text-small text-ink-2">
                {step.tool}, {step.place}
              </p>
              <ul>
                {step.lines.map((line) => (
                  <li key={line} className="py-0.5">
                    {line}
                  </li>
                ))}
                {step.check && <li className="py-0.5 font-[550]">{step.check}</li>}
              </ul>
              {step.cautions.length > 0 && (
                <ul className={CAUTIONS}>
                  {step.cautions.map((caution) => (
                    <li key={caution}>{caution}</li>
                  ))}
                </ul>
              )}
            </div>
            <p className="text-small text-ink-2 max-hand:col-start-2">{step.why}</p>
          </li>
        ))}
      </ol>
      {route.sums.map((sum) => (
        <p key={sum}>{sum}</p>
      ))}
    </>
  );
}
