import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { CutPageParts } from '../api/client';
import { answered, onDesk, shown } from '../test/desk';
import { namesOf, StationTabs } from './Stations';

const station = (of: 'CUT' | 'EDGE', name: string): CutPageParts['stations'][number] => ({
  station: of,
  name,
  scenes: [],
  keys: [],
  picks: [],
  settings: [],
  panels: [],
  swatches: [],
  card: '',
});
const HEAT = shown({ stations: [station('CUT', 'Piece'), station('EDGE', '')] });

describe('the stations of a cut', () => {
  afterEach(cleanup);

  it('are called by their family’s own words, where it has them', () => {
    expect(namesOf(HEAT)).toMatchObject({ cut: 'Piece', edge: 'Edge', crib: 'Crib' });
    expect(namesOf(undefined).cut).toBe('Cut');
    onDesk(<StationTabs cut="c7" at="cut" onGo={() => undefined} />, {}, answered({ page: HEAT }));
    expect(screen.getByRole('link', { current: 'step' }).textContent).toBe('1 Piece');
  });

  it('are places of their own: each opens in a tab too, and here by a plain click', () => {
    const gone: string[] = [];
    onDesk(<StationTabs cut="c7" at="cut" onGo={(to) => gone.push(to)} />, {}, answered({ page: HEAT }));
    const edge = screen.getByRole('link', { name: '2 Edge' });
    expect(edge.getAttribute('href')).toBe('/cut/c7/edge');
    // The browser would go there itself; a test has nowhere to go.
    window.addEventListener('click', (event) => event.preventDefault(), { once: true });
    fireEvent.click(edge, { ctrlKey: true });
    expect(gone).toEqual([]);
    expect(fireEvent.click(edge)).toBe(false);
    expect(gone).toEqual(['edge']);
  });
});
