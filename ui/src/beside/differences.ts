import type { Finding, PlanAnswer } from '../api/client';

/** A line of two set-ups that are not the same there. */
export interface Difference {
  id: string;
  label: string;
  kept: string;
  now: string;
}

/** The fields that differ, as they are read. */
export function fieldsApart(kept: PlanAnswer, now: PlanAnswer): Difference[] {
  return apart(kept.fields, now.fields);
}

/** The figures that differ, as they are read. */
export function figuresApart(kept: PlanAnswer, now: PlanAnswer): Difference[] {
  return apart(kept.figures, now.figures);
}

interface Read {
  id: string;
  label: string;
  text: string;
}

function apart(kept: Read[], now: Read[]): Difference[] {
  const before = new Map(kept.map((one) => [one.id, one]));
  const after = new Map(now.map((one) => [one.id, one]));
  return [...new Set([...before.keys(), ...after.keys()])]
    .map((id) => ({
      id,
      label: (after.get(id) ?? before.get(id))?.label ?? id,
      kept: before.get(id)?.text ?? '—',
      now: after.get(id)?.text ?? '—',
    }))
    .filter((one) => one.kept !== one.now);
}

const troubles = (finding: Finding) => finding.verdict === 'WRONG' || finding.verdict === 'DOUBTFUL';

/** What speaks against one set-up and not, or less, against the other. */
export function findingsApart(of: PlanAnswer, other: PlanAnswer): Finding[] {
  const there = new Map(other.findings.map((finding) => [finding.id, finding]));
  return of.findings.filter((finding) => {
    const same = there.get(finding.id);
    return troubles(finding) && (!same || !troubles(same) || (finding.verdict === 'WRONG' && same.verdict !== 'WRONG'));
  });
}
