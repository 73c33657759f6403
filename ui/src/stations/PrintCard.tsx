import { memo, useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import type { PlanAnswer } from '../api/client';
import { useAnswer, useCut } from '../cut/CutContext';
import { Plate } from '../plate/Plate';

/** What is printed: the tool's card, or at Make the grinding as a route card; black on white, with boxes. */
export const PrintCard = memo(function PrintCard({ station }: { station: string }) {
  return usePrinting() ? <Printed station={station} /> : null;
});

/** The card once the cut has rested; before that what is on the screen. */
function Printed({ station }: { station: string }) {
  const { name } = useCut().draft;
  const { card, answer } = useAnswer();
  const shown = card ?? answer;
  return shown ? <Card name={name} station={station} answer={shown} /> : null;
}

/**
 * Whether the page is being printed. Only then is the sheet built: on the screen it would be drawn at every change, and
 * whoever looks for a word would find it twice.
 */
function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const paper = window.matchMedia('print');
    // The browser lays the sheet out as soon as it has told of it.
    const tell = (now: boolean) => flushSync(() => setPrinting(now));
    const before = () => tell(true);
    const after = () => tell(false);
    const looked = () => tell(paper.matches);
    window.addEventListener('beforeprint', before);
    window.addEventListener('afterprint', after);
    paper.addEventListener('change', looked);
    return () => {
      window.removeEventListener('beforeprint', before);
      window.removeEventListener('afterprint', after);
      paper.removeEventListener('change', looked);
    };
  }, []);
  return printing;
}

const Card = memo(function Card({ name, station, answer }: { name: string; station: string; answer: PlanAnswer }) {
  const { page } = answer;
  const fields = new Map(answer.fields.map((state) => [state.id, state]));
  const { printed } = page;
  const scene = answer.scenes.find((one) => one.id === printed.scene);
  const text = (id: string) => fields.get(id)?.text ?? '';
  return (
    <article className="print" aria-hidden="true">
      <h1>{name || 'Unnamed cut'}</h1>
      <p>{printed.sentence.replace(/^./, (first) => first.toUpperCase())}</p>
      <div className="print-top">
        {scene && <Plate scene={scene} still />}
        <table>
          <tbody>
            {printed.measured.map((id) => (
              <tr key={id}>
                <th>{fields.get(id)?.label}</th>
                <td>{text(id)}</td>
                <td className="blank-cell">measured</td>
              </tr>
            ))}
            {printed.settings.map((id) => (
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
              {step.table.rows.length > 0 && (
                <table className="print-rows">
                  <thead>
                    <tr>
                      <th />
                      {step.table.columns.map((column) => (
                        <th key={column}>{column}</th>
                      ))}
                    </tr>
                  </thead>
                  <tbody>
                    {step.table.rows.map((row) => (
                      <tr key={row.id}>
                        <td>☐</td>
                        {row.cells.map((cell, i) => (
                          <td key={step.table.columns[i]}>{cell}</td>
                        ))}
                      </tr>
                    ))}
                  </tbody>
                </table>
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
});
