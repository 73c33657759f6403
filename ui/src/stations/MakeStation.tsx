import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { send, sentenceOf } from '../api/client';
import { useNewRecord } from '../api/newRecord';
import { PickList } from '../cut/ChoiceInput';
import { useAnswer, useCut, useEdit } from '../cut/CutContext';
import { familyOf } from '../cut/family';
import { ValueInput } from '../cut/ValueInput';
import { FindingRow } from '../ledger/FindingRow';
import { Plate } from '../plate/Plate';
import { PickTool } from './PickTool';
import { Exports } from './PlateStation';

const BAR_FIELDS = [
  'barLength',
  'barDiameter',
  'neckDiameter',
  'neckLength',
  'blend',
  'rodHole',
  'rodMargin',
  'barSet',
];
const BLOCK_FIELDS = ['blockWidth', 'blockLength', 'blockJaw', 'slotRoom', 'slotCutter', 'slotCutterTrue', 'dialTurn'];
const SPLIT_FIELDS = [...BLOCK_FIELDS, 'hinge', 'slitSaw'];
const SIDE_FIELDS = [...BLOCK_FIELDS, 'tabLength', 'clampPlate', 'pullIn', 'clampScrew'];
const GRIND_FIELDS = ['wheel', 'damage', 'groundLength'];

/** The grinding, a step at a time: the plate shows the step, the ledger is the card to tick. */
export function MakeStation() {
  const { draft, choices } = useCut();
  const { answer, stale, fields } = useAnswer();
  const edit = useEdit();
  const [at, setAt] = useState(0);
  const family = familyOf(draft.fields.operation);
  // What is turned, milled and drilled is typed as made in the plan itself; a grind is measured beside it.
  const ground = family === 'turning';
  const holder = fields.get('partHolder')?.typed ?? 'post';
  const made =
    family === 'boring' ? BAR_FIELDS : holder === 'post' ? [] : holder === 'side-block' ? SIDE_FIELDS : SPLIT_FIELDS;
  if (!answer) return null;
  const step = answer.steps[Math.min(at, answer.steps.length - 1)];
  if (!step) return null;
  const face = fields.get('wheelFace');
  const order = fields.get('order');
  return (
    <div className="station">
      <div className="plate-side">
        <Plate scene={step.scene} dimmed={stale} still />
        {!ground ? (
          <div className="plate-foot settings">
            {family === 'parting' && (
              <PickList
                label="Holder"
                value={holder}
                text={choices.holders.find((c) => c.id === holder)?.words ?? ''}
                choices={choices.holders}
                onPick={(id) => edit({ kind: 'field', id: 'partHolder', text: id })}
              />
            )}
            {made.map((field) => (
              <ValueInput key={field} field={field} caption place="sentence" />
            ))}
            <Exports scene={step.scene.id} solid={false} />
          </div>
        ) : (
          <div className="plate-foot settings">
            <PickList
              label="Ground on"
              value={face?.typed ?? 'periphery'}
              text={choices.wheelFaces.find((c) => c.id === face?.typed)?.words ?? ''}
              choices={choices.wheelFaces}
              onPick={(id) => edit({ kind: 'field', id: 'wheelFace', text: id })}
            />
            <PickList
              label="Grind first"
              value={order?.typed ?? 'flanks-first'}
              text={`${choices.orders.find((c) => c.id === order?.typed)?.words ?? ''} first`}
              choices={choices.orders}
              onPick={(id) => edit({ kind: 'field', id: 'order', text: id })}
            />
            {GRIND_FIELDS.map((field) => (
              <ValueInput key={field} field={field} caption place="sentence" />
            ))}
          </div>
        )}
      </div>
      <aside className={`ledger ${stale ? 'ledger-stale' : ''}`} aria-label={ground ? 'Grinding card' : 'Route card'}>
        <ol className="steps">
          {answer.steps.map((one, i) => {
            const open = one.id === step.id;
            return (
              <li key={one.id} className={open ? 'step step-open' : 'step'}>
                <div className="step-head">
                  <input
                    type="checkbox"
                    className="tick"
                    aria-label={`Done: ${one.title}`}
                    checked={draft.ticks[one.id] ?? false}
                    onChange={(event) => {
                      edit({ kind: 'tick', id: one.id, on: event.target.checked });
                      if (event.target.checked && i + 1 < answer.steps.length) setAt(i + 1);
                    }}
                  />
                  <button type="button" className="step-title" aria-expanded={open} onClick={() => setAt(i)}>
                    {i + 1}. {one.title}
                  </button>
                </div>
                {open && (
                  <div className="step-body">
                    <ul className="step-lines">
                      {one.lines.map((line) => (
                        <li key={line}>{line}</li>
                      ))}
                    </ul>
                    {one.cautions.length > 0 && (
                      <ul className="cautions">
                        {one.cautions.map((caution) => (
                          <li key={caution}>{caution}</li>
                        ))}
                      </ul>
                    )}
                    <p className="why">{one.why}</p>
                    <p>
                      <b>Check:</b> {one.check}
                    </p>
                    {one.measures && !ground && (
                      <p className="measured">
                        As drawn <b className="figures">{one.target}</b>, as made{' '}
                        <ValueInput field={one.measures} place="sentence" />
                      </p>
                    )}
                    {one.measures && ground && (
                      <label className="measured">
                        <span>
                          {fields.get(one.measures)?.label}: wanted <b className="figures">{one.target}</b>, measured
                        </span>
                        <input
                          className="plain-input figures"
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
        {ground && <KeepGrind />}
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

/** Writes what was measured into the log of a tool in the crib. */
function KeepGrind() {
  const { draft } = useCut();
  const queries = useQueryClient();
  const newGrind = useNewRecord();
  const [tool, setTool] = useState('');
  const [said, setSaid] = useState('');
  const keep = async () => {
    try {
      const measured = Object.fromEntries(Object.entries(draft.measured).filter(([, text]) => text.trim() !== ''));
      await send('POST', `/api/crib/tools/${tool}/grinds`, newGrind({ units: draft.units, measured }));
      setSaid('Written into the tool’s log.');
      void queries.invalidateQueries({ queryKey: ['grinds', tool] });
    } catch (error) {
      setSaid(sentenceOf(error));
    }
  };
  return (
    <div className="keep">
      <p>Ground it? Write what you measured into the log of</p>
      <PickTool label="Tool that was ground" value={tool} none="choose a tool" onPick={setTool} />
      <button type="button" className="do" disabled={!tool} onClick={() => void keep()}>
        Keep this grind
      </button>
      {said && <p role="status">{said}</p>}
    </div>
  );
}
