import { useState } from 'react';
import type { Schemas } from '../api/client';
import { ChoiceInput } from '../cut/ChoiceInput';
import { useAnswer, useCut, useEdit } from '../cut/CutContext';
import { sceneOfStep } from '../cut/planDesk';
import { ValueInput } from '../cut/ValueInput';
import { AS_MADE, CAUTIONS, FIELD, STATION } from '../frame/looks';
import { MakeSeveral } from '../jobs/MakeSeveral';
import { FindingRow, OpensBeside } from '../ledger/FindingRow';
import { Standing } from '../ledger/Standing';
import { Plate } from '../plate/Plate';
import { BenchDialog } from './Bench';
import { Panels } from './Panels';
import { Exports } from './PlateStation';

/** The making, a step at a time: the plate shows the step, the ledger is the card to tick. */
export function MakeStation() {
  const { draft } = useCut();
  const { answer, stale, late, fields, page } = useAnswer();
  const edit = useEdit();
  const [at, setAt] = useState(0);
  const shown = page?.stations.find((one) => one.station === 'MAKE');
  // What is turned, milled and drilled is typed as made in the plan itself; a grind is measured beside it.
  const ground = shown?.panels.includes('KEEP_GRIND') ?? false;
  const step = answer?.steps[Math.min(at, answer.steps.length - 1)];
  if (!answer || !step)
    return (
      <div className={STATION}>
        <div className="plate plate-empty" />
        <aside className="ledger block min-w-0" aria-label={shown?.card ?? 'The making'}>
          <Standing />
        </aside>
      </div>
    );
  return (
    <div className={STATION}>
      <div className="min-w-0 max-hand:overflow-x-auto">
        <Plate scene={sceneOfStep(answer, step.scene)} dimmed={stale || late} still />
        <div className="flex flex-wrap items-end justify-start gap-5 pt-1.5">
          {shown?.picks.map((field) => (
            <ChoiceInput key={field} field={field} />
          ))}
          {shown?.settings.map((field) => (
            <ValueInput key={field} field={field} caption place="sentence" />
          ))}
          <Exports scene={step.scene.id} />
        </div>
      </div>
      <aside className={`ledger block min-w-0 ${stale ? 'not-now' : ''}`} aria-label={shown?.card}>
        <Standing />
        <BenchDialog ground={ground} />
        <ol className="steps mb-3">
          {answer.steps.map((one, i) => {
            const open = one.id === step.id;
            return (
              <li key={one.id} className={open ? 'border-t border-line step-open' : 'border-t border-line'}>
                <div className="flex items-center gap-2.5">
                  <input
                    type="checkbox"
                    className="tick -m-[7px] size-touch flex-none p-[7px] accent-accent"
                    aria-label={`Done: ${one.title}`}
                    checked={draft.ticks[one.id] ?? false}
                    onChange={(event) => {
                      edit({ kind: 'tick', id: one.id, on: event.target.checked });
                      if (event.target.checked && i + 1 < answer.steps.length) setAt(i + 1);
                    }}
                  />
                  <button
                    type="button"
                    className="step-title min-h-[42px] flex-1 text-left text-more font-[550]"
                    aria-expanded={open}
                    onClick={() => setAt(i)}
                  >
                    {i + 1}. {one.title}
                  </button>
                </div>
                {open && (
                  <div className="pb-3 pl-9">
                    <ul className="step-lines [&>li]:py-0.5">
                      {one.lines.map((line) => (
                        <li key={line}>{line}</li>
                      ))}
                    </ul>
                    <StepRows {...one.table} />
                    {one.cautions.length > 0 && (
                      <ul className={CAUTIONS}>
                        {one.cautions.map((caution) => (
                          <li key={caution}>{caution}</li>
                        ))}
                      </ul>
                    )}
                    <p className="my-1.25 text-ink-2">{one.why}</p>
                    <p>
                      <b>Check:</b> {one.check}
                    </p>
                    {one.opens.map((fix) => (
                      <OpensBeside key={fix.label} {...fix} />
                    ))}
                    {one.measures && !ground && (
                      <p className={AS_MADE}>
                        As drawn <b className="figures">{one.target}</b>, as made{' '}
                        <ValueInput field={one.measures} place="sentence" />
                      </p>
                    )}
                    {one.measures && ground && (
                      <label className={AS_MADE}>
                        <span>
                          {fields.get(one.measures)?.label}: wanted <b className="figures">{one.target}</b>, measured
                        </span>
                        <input
                          className={`${FIELD} figures`}
                          value={draft.measured[one.measures] ?? ''}
                          placeholder="—"
                          onChange={(event) => edit({ kind: 'measured', id: one.measures, text: event.target.value })}
                        />
                      </label>
                    )}
                  </div>
                )}
              </li>
            );
          })}
        </ol>
        <MakeSeveral />
        <Panels names={shown?.panels ?? []} />
        <ul className="findings">
          {answer.findings
            .filter((finding) => finding.station === 'MAKE')
            .map((finding) => (
              <FindingRow key={finding.id} finding={finding} />
            ))}
        </ul>
      </aside>
    </div>
  );
}

/** What a step does once more and once more: a table, each row ticked off by itself. */
function StepRows({ columns, rows }: Schemas['StepTable']) {
  const { draft } = useCut();
  const edit = useEdit();
  if (rows.length === 0) return null;
  return (
    <table className="step-rows my-1.5 -ml-9 w-[calc(100%+2.25rem)] text-left text-small">
      <thead className="text-ink-2">
        <tr>
          <th>
            <span className="sr-only">Done</span>
          </th>
          {columns.map((column) => (
            <th key={column} className="pr-2 align-bottom font-normal">
              {column}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => {
          const done = draft.ticks[row.id] ?? false;
          return (
            <tr key={row.id} className={`border-t border-line ${done ? 'text-ink-2' : ''}`}>
              <td className="w-11">
                <input
                  type="checkbox"
                  className="tick -m-[7px] size-touch p-[7px] accent-accent"
                  aria-label={`Done: ${columns[0]} ${row.cells[0]}`}
                  checked={done}
                  onChange={(event) => edit({ kind: 'tick', id: row.id, on: event.target.checked })}
                />
              </td>
              {row.cells.map((cell, i) => (
                <td key={columns[i]} className="figures whitespace-nowrap pr-2 max-hand:whitespace-normal">
                  {cell}
                </td>
              ))}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
