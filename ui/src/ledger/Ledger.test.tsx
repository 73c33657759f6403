import { act, cleanup, fireEvent, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Finding, Schemas } from '../api/client';
import { stored } from '../cut/draft';
import { answered, onDesk } from '../test/desk';
import { program, Reading } from '../test/program';
import { fold } from './folded';
import { Ledger } from './Ledger';

const finding = (id: string, verdict: Finding['verdict'], part: Partial<Finding> = {}): Finding => ({
  id,
  station: 'REACH',
  verdict,
  statement: `${id} says ${verdict}.`,
  margin: 0.5,
  working: [],
  notes: [],
  source: '',
  cautions: [],
  schools: [],
  mends: [],
  ...part,
});
const SPEED: Schemas['Figure'] = {
  id: 'speed',
  label: 'Spindle',
  station: 'REACH',
  value: 320,
  unit: 'rpm',
  text: '320 rpm',
};
const PUSH = finding('push-off', 'WRONG', {
  working: [
    {
      what: 'Diameter error',
      formula: '2 · c · F',
      numbers: 'c 0.2 µm/N; F 90 N',
      result: '0.036 mm',
      symbols: [],
      value: 0.036,
      unit: 'mm',
    },
  ],
  notes: ['Soft jaws give more.'],
  source: 'Beam deflection',
  cautions: ['Stop the spindle before you measure.'],
  schools: [{ name: 'Slow and deep', reason: 'one pass pushes alike', inForce: true }],
  mends: [{ label: 'Centre up', field: 'hold', text: 'centre', readings: {}, opens: {} }],
});

const ledger = (findings: Finding[], station: 'CUT' | 'REACH' = 'REACH') =>
  onDesk(
    <MemoryRouter>
      <Reading>
        <Ledger station={station} keys={['speed', 'power']} />
      </Reading>
    </MemoryRouter>,
    {},
    answered({ findings, figures: [SPEED] }),
  );
const SHAVE = finding('finish', 'WRONG', {
  mends: [
    {
      label: 'Shave it',
      field: '',
      text: '',
      readings: {},
      opens: { operation: 'shear', finishBefore: 'Ra 4 µm' },
    },
  ],
});
const lines = () => [...document.querySelectorAll('[data-finding]')].map((at) => at.getAttribute('data-finding'));

describe('the ledger of a station', () => {
  beforeEach(() => {
    program({});
  });
  afterEach(() => {
    cleanup();
    fold(true);
    vi.unstubAllGlobals();
  });

  it('has the figures that there are on top, and the station’s findings in the order of the answer', () => {
    ledger([PUSH, finding('power', 'TOLD'), finding('tool-life', 'DOUBTFUL', { station: 'EDGE' })]);
    expect(screen.getByText('320 rpm')).toBeTruthy();
    expect(document.querySelectorAll('dl.keys > div')).toHaveLength(1);
    expect(lines()).toEqual(['push-off', 'power']);
  });

  it('folds what holds to one line that says how many, and opens it', () => {
    ledger([PUSH, finding('finish', 'FINE'), finding('chip', 'FINE')]);
    const holding = screen.getByText('Two things hold');
    expect(lines()).toEqual(['push-off']);
    fireEvent.click(holding);
    expect(lines()).toEqual(['push-off', 'finish', 'chip']);
  });

  it('says one thing holds of one, and nothing of none', () => {
    ledger([finding('finish', 'FINE')]);
    expect(screen.getByText('One thing holds')).toBeTruthy();
    cleanup();
    ledger([PUSH]);
    expect(document.querySelector('.holding')).toBeNull();
  });

  it('says at the first station what stands in the way further on, and that nothing does', () => {
    ledger([PUSH, finding('wear', 'TOLD')], 'CUT');
    expect(screen.getByRole('heading').textContent).toBe('In the way further on');
    expect(lines()).toEqual(['push-off']);
    cleanup();
    ledger([finding('wear', 'TOLD')], 'CUT');
    expect(screen.getByRole('heading').textContent).toBe('Nothing stands in the way further on.');
  });

  it('shows working, notes, schools and source when a line is opened, and its caution before', () => {
    ledger([PUSH]);
    expect(screen.getByText('Stop the spindle before you measure.')).toBeTruthy();
    expect(screen.queryByText('2 · c · F')).toBeNull();
    fireEvent.click(screen.getByText('push-off says WRONG.'));
    expect(screen.getByText('2 · c · F')).toBeTruthy();
    expect(screen.getByText('Soft jaws give more.')).toBeTruthy();
    expect(screen.getByText('Slow and deep').parentElement?.textContent).toContain('(in force here)');
    expect(screen.getByText('Source: Beam deflection')).toBeTruthy();
    fireEvent.click(screen.getByText('push-off says WRONG.'));
    expect(screen.queryByText('2 · c · F')).toBeNull();
  });

  it('opens another cut beside this one, which stays as it is', () => {
    const { edits } = ledger([SHAVE]);
    fireEvent.click(screen.getByText('Shave it'));
    expect(edits).toEqual([]);
    expect(stored('new')?.fields).toEqual({ operation: 'shear', finishBefore: 'Ra 4 µm' });
  });

  it('mends at a touch', () => {
    const { edits } = ledger([PUSH]);
    fireEvent.click(screen.getByText('Centre up'));
    expect(edits).toEqual([{ kind: 'field', id: 'hold', text: 'centre' }]);
  });

  it('lights what the last change has changed, and nothing else', () => {
    const { plan } = ledger([PUSH, finding('power', 'TOLD')]);
    const lit = () => [...document.querySelectorAll('.lit')].map((at) => at.textContent);
    expect(lit()).toEqual([]);
    const was = new Map([
      ['push-off', 'push-off said less.'],
      ['power', 'power says TOLD.'],
      ['figure speed', '210 rpm'],
    ]);
    act(() => plan.put({ ...plan.now, was }));
    expect(lit()).toEqual(['320 rpm', 'push-off says WRONG.']);
    act(() => plan.put({ ...plan.now, was: new Map() }));
    expect(lit()).toEqual([]);
  });

  it('dims numbers that are of before', () => {
    const { plan } = ledger([PUSH]);
    expect(document.querySelector('.ledger')?.className).not.toContain('not-now');
    act(() => plan.put({ ...plan.now, late: true }));
    expect(document.querySelector('.ledger')?.className).toContain('not-now');
  });
});
