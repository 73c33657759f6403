import { expect, it } from 'vitest';
import type { Finding, PlanAnswer } from '../api/client';
import { fieldsApart, figuresApart, findingsApart } from './differences';

const finding = (id: string, verdict: Finding['verdict']) => ({ id, verdict, statement: id }) as Finding;
const answer = (figures: [string, string][], findings: Finding[]) =>
  ({
    fields: figures.map(([id, text]) => ({ id, label: id.toUpperCase(), text })),
    figures: figures.map(([id, text]) => ({ id, label: id.toUpperCase(), text })),
    findings,
  }) as unknown as PlanAnswer;

it('tells what is not the same, and what one of them lacks', () => {
  const kept = answer(
    [
      ['speed', '460 rpm'],
      ['feed', '0.1'],
      ['old', '1'],
    ],
    [],
  );
  const now = answer(
    [
      ['speed', '320 rpm'],
      ['feed', '0.1'],
      ['new', '2'],
    ],
    [],
  );
  expect(figuresApart(kept, now)).toEqual([
    { id: 'speed', label: 'SPEED', kept: '460 rpm', now: '320 rpm' },
    { id: 'old', label: 'OLD', kept: '1', now: '—' },
    { id: 'new', label: 'NEW', kept: '—', now: '2' },
  ]);
  expect(fieldsApart(kept, kept)).toEqual([]);
});

it('counts a finding against the set-up in which it is worse', () => {
  const kept = answer([], [finding('push', 'WRONG'), finding('finish', 'FINE'), finding('chip', 'DOUBTFUL')]);
  const now = answer([], [finding('push', 'DOUBTFUL'), finding('finish', 'DOUBTFUL'), finding('chip', 'DOUBTFUL')]);
  expect(findingsApart(kept, now).map((one) => one.id)).toEqual(['push']);
  expect(findingsApart(now, kept).map((one) => one.id)).toEqual(['finish']);
});
