import { act, cleanup, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import type { Finding } from '../api/client';
import { answered, onDesk, planned } from '../test/desk';
import { Spoken, spokenOf } from './Spoken';

const finding = (verdict: Finding['verdict'], statement: string): Finding => ({
  id: statement,
  station: 'REACH',
  verdict,
  statement,
  margin: 0,
  working: [],
  notes: [],
  source: '',
  cautions: [],
  schools: [],
  mends: [],
});

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  vi.useRealTimers();
  cleanup();
});

test('the worst comes first, and how many more there are', () => {
  expect(spokenOf([finding('FINE', 'It holds.'), finding('TOLD', 'Know it.')])).toBe('Nothing is doubted.');
  expect(spokenOf([finding('DOUBTFUL', 'It sings.'), finding('WRONG', 'It bends.')])).toBe(
    'Will not do: It bends. One more is doubted.',
  );
  expect(spokenOf(['a', 'b', 'c'].map((words) => finding('DOUBTFUL', `${words}.`)))).toBe(
    'Watch: a. 2 more are doubted.',
  );
});

test('one sentence after a change: none at the opening, none at every key, none where nothing changed', () => {
  const first = answered({ findings: [finding('WRONG', 'It bends.')] });
  const { plan } = onDesk(<Spoken />, {}, first);
  const told = () => screen.getByRole('status').textContent;
  const comes = (findings: Finding[]) => act(() => plan.put(planned({ answer: answered({ findings }) })));
  act(() => void vi.advanceTimersByTime(2000));
  expect(told()).toBe('');
  comes([finding('DOUBTFUL', 'It sings.')]);
  act(() => void vi.advanceTimersByTime(300));
  expect(told()).toBe('');
  comes([]);
  act(() => void vi.advanceTimersByTime(2000));
  expect(told()).toBe('Nothing is doubted.');
  comes([finding('FINE', 'It holds.')]);
  act(() => void vi.advanceTimersByTime(2000));
  expect(told()).toBe('Nothing is doubted.');
});
