import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Store } from '../frame/store';
import { answered, field, planned } from '../test/desk';
import { program } from '../test/program';
import { type Draft, type Edit, newDraft } from './draft';
import { useFlip } from './useFlip';

const typed = (text: string, spelled: string) => ({ ...field('diameter', text, text), spelled });

/** A draft in millimetres with one bare number, and a plan that has read it or another. */
function flipping(draft: Partial<Draft> = {}, read = true) {
  const latest = new Store<Draft>({ ...newDraft('METRIC'), fields: { diameter: '75' }, ...draft });
  const plan = new Store(
    planned({
      readOf: read ? latest.now.fields : {},
      fields: new Map([['diameter', typed('75', '75 mm')]]),
    }),
  );
  const edits: Edit[] = [];
  const said: string[] = [];
  const { result } = renderHook(() =>
    useFlip(
      latest,
      plan,
      (edit) => edits.push(edit),
      (sentence) => said.push(sentence),
    ),
  );
  return { latest, edits, said, flip: () => act(() => result.current()) };
}

describe('flipping the units', () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it('spells a bare number out by the answer that is there, without asking', async () => {
    const asked = program({});
    const { edits, flip } = flipping();
    flip();
    await waitFor(() => expect(edits).toHaveLength(1));
    expect(edits[0]).toMatchObject({ kind: 'units', units: 'INCH', spelled: { diameter: '75 mm' } });
    expect(asked).toEqual([]);
  });

  it('flips back from inches', async () => {
    program({});
    const { edits, flip } = flipping({ units: 'INCH' });
    flip();
    await waitFor(() => expect(edits[0]).toMatchObject({ kind: 'units', units: 'METRIC' }));
  });

  it('asks where what is typed has not been read yet', async () => {
    const asked = program({ 'POST /api/plan': [{ json: answered({ fields: [typed('75', '75 mm')] }) }] });
    const { edits, flip } = flipping({}, false);
    flip();
    await waitFor(() => expect(edits[0]).toMatchObject({ kind: 'units', spelled: { diameter: '75 mm' } }));
    expect(asked.map((one) => one.body)).toMatchObject([{ fields: { diameter: '75' }, units: 'METRIC' }]);
  });

  it('reads again what was typed on while it asked', async () => {
    const { latest, edits, flip } = flipping({}, false);
    const texts: string[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
      const { fields } = (await request.json()) as { fields: { diameter: string } };
      texts.push(fields.diameter);
      if (texts.length === 1) latest.put({ ...latest.now, fields: { diameter: '76' } });
      return Response.json(answered({ fields: [typed(fields.diameter, `${fields.diameter} mm`)] }));
    });
    flip();
    await waitFor(() => expect(edits).toHaveLength(1));
    expect(texts).toEqual(['75', '76']);
    expect(edits[0]).toMatchObject({ spelled: { diameter: '76 mm' } });
  });

  it('is one flip however often it is pressed while it asks', async () => {
    const asked = program({ 'POST /api/plan': [{ json: answered({ fields: [typed('75', '75 mm')] }) }] });
    const { edits, flip } = flipping({}, false);
    flip();
    flip();
    await waitFor(() => expect(edits).toHaveLength(1));
    await act(async () => {});
    expect(asked).toHaveLength(1);
    expect(edits).toHaveLength(1);
  });

  it('leaves the units and says so where nobody reads what is typed', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no program')));
    const { edits, said, flip } = flipping({}, false);
    flip();
    await waitFor(() => expect(said).toHaveLength(1));
    expect(said[0]).toContain('The units stay as they are');
    expect(edits).toEqual([]);
  });
});
