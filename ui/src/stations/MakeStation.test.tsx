import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it } from 'vitest';
import type { PlanAnswer, Scene } from '../api/client';
import { answered, field, onDesk, shown } from '../test/desk';
import { MakeStation } from './MakeStation';
import { PrintCard } from './PrintCard';

const SCENE = {
  id: 'holder-drawing',
  title: 'Drawing of the holder',
  left: 0,
  bottom: 0,
  width: 100,
  height: 74,
  scaleNote: '',
  strokes: [],
  labels: [],
} as unknown as Scene;

const step = (id: string, title: string, measures: string) =>
  ({
    id,
    title,
    lines: [`${title}, so`],
    why: 'why',
    check: 'check',
    measures,
    target: measures ? '31.8 mm' : '',
    cautions: ['Chuck key out.'],
    working: [],
    waitsMin: 0,
    opens: [],
    table: { columns: [], rows: [] },
    scene: SCENE,
  }) as PlanAnswer['steps'][number];

/** The making of a family that asks for a hinge and, in the ground one, writes a grind down. */
const making = (panels: 'KEEP_GRIND'[], settings: string[]) =>
  shown({
    stations: [
      { station: 'MAKE', name: '', scenes: [], keys: [], picks: [], settings, panels, card: 'Card', swatches: [] },
    ],
  });

const HOLDER = answered({
  page: making([], ['hinge']),
  fields: [
    field('operation', 'part off', 'part'),
    field('partHolder', 'a split block', 'split-block'),
    field('madeFloor', '31.8 mm'),
    field('hinge', '2.5 mm'),
    field('clampPlate', '8 mm'),
  ],
  scenes: [SCENE],
  steps: [step('cut-list', 'Cut list', ''), step('slot-floor', 'Finish the floor', 'madeFloor')],
});
/** The station as it stands on the page: within a router, for somebody who may make things. */
function Making() {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } });
  queries.setQueryData(['me'], { network: false, name: '', role: 'OWNER' });
  return (
    <QueryClientProvider client={queries}>
      <MemoryRouter>
        <MakeStation />
      </MemoryRouter>
    </QueryClientProvider>
  );
}

const MADE = { fields: { operation: 'made' }, name: 'Rings' };

describe('making a holder', () => {
  afterEach(cleanup);

  it('opens a step at a time and takes what was made as a field of the plan', () => {
    const { edits } = onDesk(<Making />, MADE, HOLDER);
    expect(screen.getByText('Cut list, so')).toBeTruthy();
    fireEvent.click(screen.getByText('2. Finish the floor'));
    expect(screen.getByText('Chuck key out.')).toBeTruthy();
    fireEvent.change(screen.getByLabelText('madeFloor'), { target: { value: '31.72 mm' } });
    expect(edits).toContainEqual({ kind: 'field', id: 'madeFloor', text: '31.72 mm' });
  });

  it('asks what the answer says is asked there, and nothing else', () => {
    onDesk(<Making />, MADE, HOLDER);
    expect(screen.getByLabelText('hinge')).toBeTruthy();
    expect(screen.queryByLabelText('clampPlate')).toBeNull();
  });

  it('ticks a step off and goes on to the next', () => {
    const { edits } = onDesk(<Making />, MADE, HOLDER);
    fireEvent.click(screen.getByLabelText('Done: Cut list'));
    expect(edits).toContainEqual({ kind: 'tick', id: 'cut-list', on: true });
    expect(screen.getByText('Finish the floor, so')).toBeTruthy();
  });

  it('has what is done again and again in a table, each row ticked off and printed with a box', () => {
    const passes = {
      ...step('passes', '2 passes', ''),
      table: {
        columns: ['Pass', 'Compound to'],
        rows: [
          { id: 'pass-1', cells: ['1', '3.8 thou (4 div)'] },
          { id: 'pass-2', cells: ['2', '6 thou (6 div)'] },
        ],
      },
    };
    const many = answered({ page: making([], []), fields: [], steps: [passes] });
    const { edits, unmount } = onDesk(<Making />, { ticks: { 'pass-1': true } }, many);
    expect(screen.getByLabelText<HTMLInputElement>('Done: Pass 1').checked).toBe(true);
    fireEvent.click(screen.getByLabelText('Done: Pass 2'));
    expect(edits).toContainEqual({ kind: 'tick', id: 'pass-2', on: true });
    unmount();
    const { container } = onDesk(<PrintCard station="make" />, {}, many);
    fireEvent(window, new Event('beforeprint'));
    expect(container.querySelector('.print-rows')?.textContent).toContain('☐26 thou (6 div)');
  });

  it('writes a grind into a tool’s log only where a bit is ground', () => {
    const ground = answered({
      page: making(['KEEP_GRIND'], []),
      fields: [field('operation', 'turn', 'turn')],
      steps: [step('side', 'Side', '')],
    });
    onDesk(
      <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { enabled: false } } })}>
        <Making />
      </QueryClientProvider>,
      { fields: { operation: 'turn' } },
      ground,
    );
    expect(screen.getByText(/Write what you measured into the log/)).toBeTruthy();
  });

  it('prints the route with a line for what was made, and only while it is printed', () => {
    const { container } = onDesk(<PrintCard station="make" />, MADE, HOLDER);
    expect(container.querySelector('.print')).toBeNull();
    fireEvent(window, new Event('beforeprint'));
    const card = container.querySelector('.print')?.textContent ?? '';
    expect(card).toContain('Rings');
    expect(card).toContain('Drawn 31.8 mm, as made');
    expect(card).toContain('were not checked');
    fireEvent(window, new Event('afterprint'));
    expect(container.querySelector('.print')).toBeNull();
  });
});
