import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { program, Reading } from '../test/program';
import { stored } from './draft';
import { TypeCut } from './TypeCut';

const understood = (fields: object, meant: object[] = []) => ({
  json: { fields, understood: [], assumed: [], left: [], meant },
});

const shown = () =>
  render(
    <Reading>
      <MemoryRouter initialEntries={['/cuts']}>
        <Routes>
          <Route path="/cuts" element={<TypeCut />} />
          <Route path="/cut/new/cut" element={<p>The new cut</p>} />
        </Routes>
      </MemoryRouter>
    </Reading>,
  );
const line = () => screen.getByLabelText<HTMLInputElement>('A new cut in one line');

describe('a cut typed in one line', () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
    localStorage.clear();
  });

  it('is opened with all of its words, however fast it is sent off', async () => {
    const asked = program({ 'POST /api/plan/typed': [understood({ operation: 'turn', diameter: '25' })] });
    shown();
    fireEvent.change(line(), { target: { value: 'turn 24 from 25, Long Bed' } });
    fireEvent.submit(screen.getByLabelText('Type a cut'));
    await waitFor(() => expect(screen.getByText('The new cut')).toBeTruthy());
    expect(asked.at(-1)?.body).toEqual({ text: 'turn 24 from 25, Long Bed', units: 'METRIC' });
    expect(stored('new')?.fields).toEqual({ operation: 'turn', diameter: '25' });
  });

  it('stays with what was typed when the program is away, and says so', async () => {
    program({ 'POST /api/plan/typed': [{ status: 503, json: {} }] });
    shown();
    fireEvent.change(line(), { target: { value: 'turn 24 from 25' } });
    fireEvent.submit(screen.getByLabelText('Type a cut'));
    await waitFor(() => expect(screen.getByRole('status').textContent).toContain('What you typed is kept'));
    expect(line().value).toBe('turn 24 from 25');
    expect(stored('new')).toBeUndefined();
  });

  it('asks what is to be done where the line does not say, and opens nothing before', async () => {
    program({
      'POST /api/plan/typed': [
        understood({}, [
          { words: 'turn', fields: { operation: 'turn', finished: '20' } },
          { words: 'drill', fields: { operation: 'drill', drillSize: '20' } },
        ]),
      ],
    });
    shown();
    fireEvent.change(line(), { target: { value: '20 brass' } });
    const drill = await screen.findByText('drill');
    expect(screen.getByText<HTMLButtonElement>('Open it').disabled).toBe(true);
    fireEvent.submit(screen.getByLabelText('Type a cut'));
    expect(stored('new')).toBeUndefined();
    fireEvent.click(drill);
    await waitFor(() => expect(screen.getByText('The new cut')).toBeTruthy());
    expect(stored('new')?.fields).toEqual({ operation: 'drill', drillSize: '20' });
  });

  it('says so where nothing that is cut here is named', async () => {
    program({ 'POST /api/plan/typed': [understood({})] });
    shown();
    fireEvent.change(line(), { target: { value: 'knurl 20' } });
    await waitFor(() => expect(screen.getByRole('status').textContent).toContain('Nothing that is cut here is named'));
    expect(screen.getByText<HTMLButtonElement>('Open it').disabled).toBe(true);
  });

  it('cannot be sent off before there is a line', () => {
    const asked = program({});
    shown();
    fireEvent.change(line(), { target: { value: 'tu' } });
    fireEvent.submit(screen.getByLabelText('Type a cut'));
    expect(screen.getByText<HTMLButtonElement>('Open it').disabled).toBe(true);
    expect(asked).toEqual([]);
  });
});
