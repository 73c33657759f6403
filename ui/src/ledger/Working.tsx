import type { Finding } from '../api/client';
import { Explained } from '../glossary/Explained';

/** How a number came about: what it is, its formula, the formula with this job's numbers, the result. */
export function Working({ steps }: { steps: Finding['working'] }) {
  return steps.map((step) => (
    <dl key={step.what} className="working-step">
      <dt>
        <Explained text={step.what} prose />
      </dt>
      <dd className="formula">{step.formula}</dd>
      <dd className="figures">{step.numbers}</dd>
      <dd className="figures result">= {step.result}</dd>
    </dl>
  ));
}
