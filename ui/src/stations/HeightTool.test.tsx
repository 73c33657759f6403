import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { answered, onDesk, shown } from '../test/desk';
import { HeightTool } from './HeightTool';

const CHOICES = { heightsBy: [{ id: 'pip', words: 'the pip', more: '' }] };

function asked(answer: object) {
  const fetch = vi.fn().mockResolvedValue(new Response(JSON.stringify(answer), { status: 200 }));
  vi.stubGlobal('fetch', fetch);
  return fetch;
}

const open = () => fireEvent.click(screen.getByText('Height from what you measured'));

describe('the height from what was measured', () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it('asks with the work’s size and puts the answer into the field of the tool in hand', async () => {
    const fetch = asked({ errors: {}, height: '-0.15 mm', sentence: 'The point is 0.15 mm below the axis.' });
    const { edits } = onDesk(
      <HeightTool />,
      {
        fields: { operation: 'part', partDiameter: '30 mm', partPost: 'behind', lathe: 'L' },
        readings: { 'height.measured': '0.3 mm' },
      },
      answered({ page: shown({ height: { field: 'partHeight', within: 'partDiameter', behind: true } }) }),
      CHOICES,
    );
    open();
    fireEvent.click(screen.getByText('Work it out'));
    await waitFor(() => expect(screen.getByRole('status').textContent).toContain('below the axis'));
    const [sent] = fetch.mock.calls[0] as [Request];
    expect(new URL(sent.url).pathname).toBe('/api/measure/height');
    expect(await sent.json()).toEqual({
      measured: { how: 'PIP', measured: '0.3 mm', above: false, behind: true, within: '30 mm', arm: '' },
      units: 'METRIC',
      lathe: 'L',
    });
    fireEvent.click(screen.getByText('Put -0.15 mm in'));
    expect(edits).toContainEqual({ kind: 'field', id: 'partHeight', text: '-0.15 mm' });
  });

  it('tells what is wrong beside what was typed and offers nothing to put in', async () => {
    asked({ errors: { measured: 'A pip is narrower than the work: under 30 mm.' }, height: '', sentence: '' });
    onDesk(
      <HeightTool />,
      { fields: { operation: 'bore' } },
      answered({ page: shown({ height: { field: 'partHeight', within: 'partDiameter', behind: true } }) }),
      CHOICES,
    );
    open();
    fireEvent.click(screen.getByText('Work it out'));
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('narrower than the work'));
    expect(screen.queryByText(/^Put /)).toBeNull();
  });
});
