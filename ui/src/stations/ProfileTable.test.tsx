import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { answered, field, onDesk, shown } from '../test/desk';
import { ProfileTable } from './ProfileTable';
import { cornersOf, moved, placed, textOf } from './profileText';

const TEXT = '0 24; 2 20; 8 20 r-5; 10 24';

const desk = (text = TEXT) =>
  onDesk(
    <ProfileTable />,
    { fields: { outline: text } },
    answered({
      page: shown({
        stations: [
          {
            station: 'CUT',
            name: '',
            scenes: [],
            keys: [],
            picks: [],
            settings: ['outline'],
            panels: ['PROFILE'],
            swatches: [],
            card: '',
          },
        ],
      }),
      fields: [field('outline', text, text)],
    }),
  );

describe('a profile as a table', () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it('takes a text apart and puts it together the same', () => {
    expect(textOf(cornersOf(TEXT))).toBe(TEXT);
    expect(cornersOf('0 mm 20 mm; 1/2 in 1 in r-1/4 in')[1]).toEqual({
      along: '1/2 in',
      across: '1 in',
      arc: '-1/4 in',
    });
  });

  it('writes the whole text when a cell changes', () => {
    const { edits } = desk();
    fireEvent.change(screen.getByLabelText('Diameter, corner 2'), { target: { value: '18' } });
    expect(edits).toContainEqual({ kind: 'field', id: 'outline', text: '0 24; 2 18; 8 20 r-5; 10 24' });
  });

  it('adds and removes corners', () => {
    const { edits } = desk();
    fireEvent.click(screen.getByLabelText('Remove corner 3'));
    expect(edits).toContainEqual({ kind: 'field', id: 'outline', text: '0 24; 2 20; 10 24' });
    fireEvent.click(screen.getByText('Add a corner'));
    expect(edits.at(-1)).toEqual({ kind: 'field', id: 'outline', text: '0 24; 2 20; 10 24; 10 24' });
  });

  it('is drawn by its corners, where they are plain numbers in one unit', () => {
    expect(placed(cornersOf(TEXT))?.[2]).toEqual({ along: 8, radius: 10, arc: -5 });
    expect(placed(cornersOf('0 24; 1/2 in 20'))).toBeUndefined();
    expect(moved({ along: '2 mm', across: '20', arc: '' }, 2.5, 19)).toEqual({
      along: '2.5 mm',
      across: '19',
      arc: '',
    });
    const { edits } = desk();
    const corner = screen.getByLabelText('Corner 2: along 2, diameter 20');
    fireEvent.keyDown(corner, { key: 'ArrowUp' });
    expect(edits).toContainEqual({ kind: 'field', id: 'outline', text: '0 24; 2 21; 8 20 r-5; 10 24' });
    fireEvent.keyDown(corner, { key: 'Delete' });
    expect(edits.at(-1)).toMatchObject({ text: '0 24; 8 20 r-5; 10 24' });
  });

  it('takes the outline of a drawing, and says what is wrong with one', async () => {
    const fetch = vi
      .fn()
      .mockResolvedValueOnce(new Response(JSON.stringify({ text: '0 mm 30 mm; 5 mm 20 mm' }), { status: 200 }))
      .mockResolvedValueOnce(
        new Response(JSON.stringify({ code: 'unreadable', sentence: 'That is no DXF file: it has no section.' }), {
          status: 400,
        }),
      );
    vi.stubGlobal('fetch', fetch);
    const { edits } = desk();
    const input = screen.getByLabelText(/From a drawing/);
    fireEvent.change(input, { target: { files: [new File(['0\nSECTION'], 'neck.dxf')] } });
    await waitFor(() => expect(edits).toContainEqual({ kind: 'field', id: 'outline', text: '0 mm 30 mm; 5 mm 20 mm' }));
    fireEvent.change(input, { target: { files: [new File(['no'], 'neck.dxf')] } });
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('no section'));
  });
});
