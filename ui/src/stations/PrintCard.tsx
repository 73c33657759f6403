import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import { useAnswer, useCut } from '../cut/CutContext';
import { type Family, familyOf } from '../cut/family';
import { Plate } from '../plate/Plate';

const BIT_ANGLES = ['backRake', 'sideRake', 'endRelief', 'sideRelief', 'endEdge', 'sideEdge', 'noseRadius'];
const BIT_SETTINGS = ['speed', 'feed', 'depth', 'overhang', 'height'];
const BAR_ANGLES = [
  'boreBackRake',
  'boreSideRake',
  'boreRelief',
  'boreSideRelief',
  'boreEndEdge',
  'boreSideEdge',
  'boreNose',
];
const BAR_SETTINGS = ['boreSpeed', 'boreFeed', 'boreDepthOfCut', 'barOverhang', 'boreHeight'];
const BLADE_ANGLES = ['bladeWidth', 'tipLead', 'partRake', 'partRelief', 'partSide'];
const BLADE_SETTINGS = ['partSpeed', 'partFeed', 'bladeOverhang', 'partHeight', 'blockWidth', 'blockLength', 'hinge'];
const ROWS: Record<Family, string[][]> = {
  turning: [BIT_ANGLES, BIT_SETTINGS],
  boring: [BAR_ANGLES, BAR_SETTINGS],
  parting: [BLADE_ANGLES, BLADE_SETTINGS],
};
const DRAWN = ['bit', 'bar-drawing', 'holder-drawing', 'blade-tip'];

/** What is printed: the tool's card, or at Make the grinding as a route card; one page, black on white, with boxes. */
export function PrintCard({ station }: { station: string }) {
  const { draft } = useCut();
  const { answer, fields } = useAnswer();
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    // The card is built only when it is printed: on the screen it would be drawn twice at every key.
    const before = () => flushSync(() => setPrinting(true));
    const after = () => setPrinting(false);
    window.addEventListener('beforeprint', before);
    window.addEventListener('afterprint', after);
    return () => {
      window.removeEventListener('beforeprint', before);
      window.removeEventListener('afterprint', after);
    };
  }, []);
  if (!answer || !printing) return null;
  const scene = DRAWN.map((id) => answer.scenes.find((one) => one.id === id)).find((one) => one !== undefined);
  const family = familyOf(draft.fields.operation);
  const [angles = [], settings = []] = ROWS[family];
  const text = (id: string) => fields.get(id)?.text ?? '';
  return (
    <article className="print" aria-hidden="true">
      <h1>{draft.name || 'Unnamed cut'}</h1>
      {family === 'parting' ? (
        <p>
          {text('operation').replace(/^./, (first) => first.toUpperCase())} {text('material')} {text('partDiameter')}{' '}
          round; {text('partHold')}; {text('lathe')}; {text('blade')} in {text('partHolder')}.
        </p>
      ) : family === 'boring' ? (
        <p>
          Bore {text('material')}: {text('boreStart')} to {text('boreFinished')} {text('boreTolerance')},{' '}
          {text('boreDepth')} deep, {text('bottom')}, {text('finish')}; {text('lathe')}; bar of {text('barDiameter')}{' '}
          {text('barMaterial')}, {text('boreBit')}.
        </p>
      ) : (
        <p>
          {text('operation').replace(/^./, (first) => first.toUpperCase())} {text('material')}: {text('diameter')} to{' '}
          {text('finished')} over {text('length')}, {text('tolerance')}, {text('finish')}; held {text('hold')},{' '}
          {text('stickOut')} free; {text('lathe')}; {text('blank')}.
        </p>
      )}
      <div className="print-top">
        {scene && <Plate scene={scene} still />}
        <table>
          <tbody>
            {angles.map((id) => (
              <tr key={id}>
                <th>{fields.get(id)?.label}</th>
                <td>{text(id)}</td>
                <td className="blank-cell">measured</td>
              </tr>
            ))}
            {settings.map((id) => (
              <tr key={id}>
                <th>{fields.get(id)?.label}</th>
                <td>{text(id)}</td>
                <td />
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {station === 'make' ? (
        <ol className="print-steps">
          {answer.steps.map((step) => (
            <li key={step.id}>
              <b>☐ {step.title}.</b> {step.lines.join(' ')} <i>Check: {step.check}</i>
              {step.measures && (
                <span>
                  {' '}
                  Drawn <b>{step.target}</b>, as made ____________
                </span>
              )}
              {step.cautions.length > 0 && <small> {step.cautions.join(' ')}</small>}
            </li>
          ))}
        </ol>
      ) : (
        <ul className="print-steps">
          {answer.findings
            .filter((finding) => finding.verdict !== 'TOLD')
            .map((finding) => (
              <li key={finding.id}>☐ {finding.statement}</li>
            ))}
        </ul>
      )}
      <p>
        What is listed was computed from the figures typed; the machine, its guards, the wheel and the holding were not
        checked.
      </p>
    </article>
  );
}
