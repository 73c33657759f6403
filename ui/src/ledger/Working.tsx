import type { Finding } from '../api/client';
import { Explained } from '../glossary/Explained';

/** How a number came about: what it is, its formula, the formula with this job's numbers, the result. */
export function Working({ steps }: { steps: Finding['working'] }) {
  return steps.map((step) => (
    <dl key={step.what} className="my-1.5 text-small">
      <dt className="font-semibold">
        <Explained text={step.what} prose />
      </dt>
      <dd className="ml-3 wrap-anywhere font-numbers text-ink-2">{step.formula}</dd>
      <dd className="figures ml-3 wrap-anywhere">{step.numbers}</dd>
      <dd className="figures ml-3 wrap-anywhere font-[650]">= {step.result}</dd>
    </dl>
  ));
}
