import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Store } from '../frame/store';
import { program, Reading } from '../test/program';
import { type Draft, edited, type History, newDraft, started } from './draft';
import { useSaving } from './useSaving';

const PIN: Draft = {
  ...newDraft('METRIC'),
  id: 'a',
  version: 3,
  name: 'Pin',
  fields: { diameter: '10' },
  changed: true,
};
const record = (version: number, fields: Draft['fields'] = PIN.fields) => ({
  id: 'a',
  version,
  name: 'Pin',
  units: 'METRIC',
  fields,
});

/** A cut on the desk with the way to save it. */
function desk(first: Draft) {
  const onKept = vi.fn();
  const { result } = renderHook(
    () => {
      const [history, change] = useState<History>(started(first));
      const [latest] = useState(() => new Store(history.now));
      latest.put(history.now);
      return { history, change, saving: useSaving(latest, change, onKept, onKept) };
    },
    { wrapper: Reading },
  );
  return { at: () => result.current, onKept };
}

describe('saving a cut', () => {
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
    localStorage.clear();
  });

  it('sends what is there and the version it was read at, and takes the new one over', async () => {
    const asked = program({ 'PUT /api/cuts/a': [{ json: record(4) }] });
    const { at } = desk(PIN);
    act(() => at().saving.save());
    await waitFor(() => expect(at().saving.said).toBe('Saved.'));
    expect(asked[0]).toMatchObject({ method: 'PUT', path: '/api/cuts/a', body: { version: 3, name: 'Pin' } });
    expect(at().history.now).toMatchObject({ version: 4, changed: false });
  });

  it('is one save however often it is pressed while it is on its way', async () => {
    const asked = program({ 'PUT /api/cuts/a': [{ json: record(4) }] });
    const { at } = desk(PIN);
    act(() => {
      at().saving.save();
      at().saving.save();
      at().saving.save();
    });
    await waitFor(() => expect(at().saving.said).toBe('Saved.'));
    expect(asked.filter((one) => one.method === 'PUT')).toHaveLength(1);
  });

  it('leaves what was typed on the way unsaved, and says so', async () => {
    program({ 'PUT /api/cuts/a': [{ json: record(4) }] });
    const { at } = desk(PIN);
    act(() => {
      at().saving.save();
      at().change((old) => edited(old, { kind: 'field', id: 'diameter', text: '12' }));
    });
    await waitFor(() => expect(at().saving.said).toBe('Saved.'));
    expect(at().history.now).toMatchObject({ version: 4, changed: true, fields: { diameter: '12' } });
  });

  it('keeps a new cut once, under one id, when the first answer was lost', async () => {
    const asked = program({ 'POST /api/cuts': [{ status: 503, json: {} }, { json: { ...record(1), id: 'given' } }] });
    const { at, onKept } = desk({ ...PIN, id: 'new', version: 0 });
    act(() => at().saving.save());
    await waitFor(() => expect(at().saving.said).toContain('What you typed is kept'));
    act(() => at().saving.save());
    await waitFor(() => expect(onKept).toHaveBeenCalledWith('given'));
    const [first, second] = asked.filter((one) => one.method === 'POST').map((one) => one.body as { id: string });
    expect(second?.id).toBe(first?.id);
  });

  it('says which part was refused', async () => {
    program({
      'PUT /api/cuts/a': [
        {
          status: 400,
          json: { sentence: 'A cut needs a name.', fields: { name: 'Nothing is typed.' }, code: 'no-name' },
        },
      ],
    });
    const { at } = desk(PIN);
    act(() => at().saving.save());
    await waitFor(() => expect(at().saving.said).toBe('A cut needs a name.'));
    expect(at().saving.refused).toBe('name');
    expect(at().history.now.changed).toBe(true);
  });

  describe('when somebody else has saved meanwhile', () => {
    const refused = { status: 409, json: { sentence: 'Somebody saved this meanwhile.', code: 'saved-by-another' } };
    const OPENED: Draft = {
      ...PIN,
      fields: { diameter: '10', overhang: '38' },
      kept: { name: 'Pin', units: 'METRIC', fields: { diameter: '9', overhang: '38' } },
    };
    /** The cut as it is saved over a version that they have made of it meanwhile. */
    const open = async (theirs: Draft['fields'], more: Record<string, unknown> = {}) => {
      const asked = program({
        'PUT /api/cuts/a': [refused, { json: record(9) }],
        'GET /api/cuts/a': [{ json: { ...record(8, theirs), savedBy: 'Rhee', ...more } }],
      });
      const opened = desk(OPENED);
      act(() => opened.at().saving.save());
      await waitFor(() => expect(opened.at().saving.said).toContain('Rhee saved'));
      return { ...opened, asked };
    };

    it('puts together what only one of both has changed; undo takes theirs out again', async () => {
      const { at, asked } = await open({ diameter: '9', overhang: '44' });
      expect(at().history.now).toMatchObject({ version: 8, fields: { diameter: '10', overhang: '44' }, changed: true });
      expect(at().history.before.at(-1)?.fields).toEqual({ diameter: '10', overhang: '38' });
      expect(at().saving.said).toContain('Rhee saved this cut');
      act(() => at().saving.save());
      await waitFor(() => expect(at().saving.said).toBe('Saved.'));
      expect(asked.filter((one) => one.method === 'PUT').at(-1)?.body).toMatchObject({
        version: 8,
        fields: { diameter: '10', overhang: '44' },
      });
    });

    it('asks where both have changed the same, and saves nothing before it is told', async () => {
      const { at, asked } = await open({ diameter: '11', overhang: '38' });
      expect(at().saving.clashes).toMatchObject([
        { field: 'diameter', was: '9', mine: '10', theirs: '11', by: 'Rhee' },
      ]);
      act(() => at().saving.save());
      expect(at().saving.said).toContain('Choose first');
      expect(asked.filter((one) => one.method === 'PUT')).toHaveLength(1);
      act(() => at().saving.choose('diameter', '11'));
      act(() => at().saving.save());
      await waitFor(() => expect(at().saving.said).toBe('Saved.'));
      expect(asked.filter((one) => one.method === 'PUT').at(-1)?.body).toMatchObject({
        version: 8,
        fields: { diameter: '11', overhang: '38' },
      });
      expect(at().history.now.version).toBe(9);
    });

    it('lets one of the two be taken whole where they are in other units', async () => {
      const { at } = await open({ diameter: '0.4', overhang: '1.5' }, { units: 'INCH' });
      await waitFor(() => expect(at().saving.theirs?.version).toBe(8));
      expect(at().history.now.fields.diameter).toBe('10');
      act(() => at().saving.takeTheirs());
      expect(at().history.now).toMatchObject({ version: 8, units: 'INCH', fields: { diameter: '0.4' } });
      expect(at().history.before.at(-1)?.fields).toMatchObject({ diameter: '10' });
      expect(at().saving.theirs).toBeUndefined();
    });

    it('knows nothing of what stood there before, and asks then', async () => {
      program({
        'PUT /api/cuts/a': [refused],
        'GET /api/cuts/a': [{ json: record(8, { diameter: '11' }) }],
      });
      const { at } = desk(PIN);
      act(() => at().saving.save());
      await waitFor(() => expect(at().saving.clashes).toHaveLength(1));
    });

    it('keeps it as a new one where it was deleted', async () => {
      const asked = program({
        'PUT /api/cuts/a': [{ status: 404, json: { sentence: 'Deleted.', code: 'no-longer-kept' } }],
        'POST /api/cuts': [{ json: { ...record(1), id: 'given' } }],
      });
      const { at, onKept } = desk(PIN);
      act(() => at().saving.save());
      await waitFor(() => expect(at().saving.gone).toBe(true));
      await act(() => at().saving.saveAsNew());
      expect(onKept).toHaveBeenCalledWith('given');
      expect(asked.find((one) => one.method === 'POST')?.body).toMatchObject({ name: 'Pin', fields: PIN.fields });
    });
  });
});
