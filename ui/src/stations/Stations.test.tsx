import { cleanup, screen } from '@testing-library/react';
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
    onDesk(<StationTabs at="cut" onGo={() => undefined} />, {}, answered({ page: HEAT }));
    expect(screen.getByRole('button', { current: 'step' }).textContent).toBe('1 Piece');
  });
});
