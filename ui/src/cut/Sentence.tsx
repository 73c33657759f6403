import { useMemo } from 'react';
import type { Choice } from '../api/client';
import { ChoiceInput } from './ChoiceInput';
import { useAnswer, useCut } from './CutContext';
import { isParting } from './family';
import { ValueInput } from './ValueInput';

/** The whole cut in words; each value is changed where it stands. */
export function Sentence() {
  const operation = useCut().draft.fields.operation;
  if (operation === 'bore') return <BoreSentence />;
  return isParting(operation) ? <PartSentence /> : <TurnSentence />;
}

function useLatheChoices(): Choice[] {
  const { lathes } = useCut();
  return useMemo(
    () =>
      lathes.map((lathe) => ({
        id: lathe.id,
        words: lathe.card.name ?? 'unnamed',
        more: lathe.card.motor ?? '',
      })),
    [lathes],
  );
}

function BoreSentence() {
  const { choices } = useCut();
  const latheChoices = useLatheChoices();
  return (
    <section className="sentence" aria-label="The cut in words">
      <ChoiceInput field="operation" choices={choices.operations} />
      <ChoiceInput field="material" choices={choices.materials} tail=" " />
      <span>from</span>
      <ValueInput field="boreStart" place="sentence" />
      <span>to</span>
      <ValueInput field="boreFinished" place="sentence" />
      <ValueInput field="boreTolerance" place="sentence" />
      <span>and</span>
      <ValueInput field="finish" place="sentence" />
      <span>,</span>
      <ValueInput field="boreDepth" place="sentence" />
      <span>deep,</span>
      <ChoiceInput field="bottom" choices={choices.bottoms} />
      <span>,</span>
      <ChoiceInput field="recess" choices={choices.recesses} />
      <span>; on</span>
      <ChoiceInput field="lathe" choices={latheChoices} />
      <span>with a</span>
      <ValueInput field="barDiameter" place="sentence" />
      <span>bar of</span>
      <ChoiceInput field="barMaterial" choices={choices.barMaterials} />
      <ChoiceInput field="barHeld" choices={choices.barHolds} />
      <span>and a</span>
      <ChoiceInput field="boreBit" choices={choices.bits} tail="." />
    </section>
  );
}

function PartSentence() {
  const { choices } = useCut();
  const latheChoices = useLatheChoices();
  const { fields } = useAnswer();
  const groove = fields.get('operation')?.typed === 'groove';
  const holder = fields.get('partHolder')?.typed;
  return (
    <section className="sentence" aria-label="The cut in words">
      <ChoiceInput field="operation" choices={choices.operations} />
      <ChoiceInput field="material" choices={choices.materials} tail=" " />
      <ValueInput field="partDiameter" place="sentence" />
      <span>{groove ? 'down to' : 'round, to its bore of'}</span>
      <ValueInput field={groove ? 'grooveBottom' : 'partBore'} place="sentence" />
      {groove ? (
        <>
          <span>and</span>
          <ValueInput field="grooveWidth" place="sentence" />
          <span>wide</span>
        </>
      ) : (
        <>
          <span>;</span>
          <ValueInput field="pieces" place="sentence" />
          <span>pieces of</span>
          <ValueInput field="pieceLength" place="sentence" />
        </>
      )}
      <span>; held</span>
      <ChoiceInput field="partHold" choices={choices.partHolds} />
      <span>, cut</span>
      <ValueInput field="partAt" place="sentence" />
      <span>from the jaws, on</span>
      <ChoiceInput field="lathe" choices={latheChoices} />
      <span>with a</span>
      <ChoiceInput field="blade" choices={choices.blades} />
      <span>in</span>
      <ChoiceInput field="partHolder" choices={choices.holders} />
      {holder === 'rear-block' ? <span>.</span> : <ChoiceInput field="partPost" choices={choices.posts} tail="." />}
    </section>
  );
}

function TurnSentence() {
  const { choices } = useCut();
  const latheChoices = useLatheChoices();
  const facing = useAnswer().fields.get('operation')?.typed === 'face';
  return (
    <section className="sentence" aria-label="The cut in words">
      <ChoiceInput field="operation" choices={choices.operations} />
      <ChoiceInput field="material" choices={choices.materials} tail=" " />
      <span>from</span>
      <ValueInput field="diameter" place="sentence" />
      <span>{facing ? 'in to' : 'to'}</span>
      <ValueInput field="finished" place="sentence" />
      <span>{facing ? 'across, taking' : 'across, over'}</span>
      <ValueInput field="length" place="sentence" />
      <span>{facing ? 'off the face, to' : 'of length, to'}</span>
      <ValueInput field="tolerance" place="sentence" />
      <span>and</span>
      <ValueInput field="finish" place="sentence" />
      <span>; held</span>
      <ChoiceInput field="hold" choices={choices.holds} />
      <span>with</span>
      <ValueInput field="stickOut" place="sentence" />
      <span>free, on</span>
      <ChoiceInput field="lathe" choices={latheChoices} />
      <span>with a</span>
      <ChoiceInput field="blank" choices={choices.blanks} tail="." />
    </section>
  );
}
