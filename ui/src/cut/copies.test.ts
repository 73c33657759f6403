import { QueryClient } from '@tanstack/react-query';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { ToolRecord } from '../api/client';
import { type Notice, notice, useNotice } from '../frame/notices';
import { program } from '../test/program';
import { copyCut, copyTool, deleteCut, deleteTool } from './copies';

const PIN = { id: 'pin', version: 3, name: 'Pin', units: 'METRIC', fields: { diameter: '10' } };
const BAR = {
  id: 'bar',
  version: 5,
  name: 'Long bar',
  drawer: 'Tray 2',
  note: 'rings',
  kind: 'bar',
  units: 'INCH',
  fields: { barDiameter: '5/8' },
} as unknown as ToolRecord;

let told: { readonly current: Notice | undefined };
const said = () => told.current;

describe('copies, and what is taken out', () => {
  beforeEach(() => {
    told = renderHook(() => useNotice()[0]).result;
  });
  afterEach(() => {
    cleanup();
    act(() => notice(''));
    vi.unstubAllGlobals();
    localStorage.clear();
  });
  const queries = new QueryClient();

  it('keeps a copy of a cut under a name and an id of its own', async () => {
    const asked = program({ 'GET /api/cuts/pin': [{ json: PIN }], 'POST /api/cuts': [{ json: PIN }] });
    const id = await copyCut('pin', queries);
    const sent = asked.find((one) => one.method === 'POST')?.body;
    expect(sent).toEqual({ id, version: 1, name: 'Pin, copy', units: 'METRIC', fields: { diameter: '10' } });
    expect(id).not.toBe('pin');
    expect(said()?.sentence).toBe('“Pin, copy” is kept.');
  });

  it('cuts the end off a long name, so that the copy can be told apart', async () => {
    const long = 'a'.repeat(120);
    const asked = program({
      'GET /api/cuts/pin': [{ json: { ...PIN, name: long } }],
      'POST /api/cuts': [{ json: {} }],
    });
    await copyCut('pin', queries);
    expect(asked.find((one) => one.method === 'POST')?.body).toMatchObject({ name: `${'a'.repeat(110)}, copy` });
  });

  it('says why there is no copy, and gives none', async () => {
    program({ 'GET /api/cuts/pin': [{ status: 404, json: { sentence: 'This cut is not kept here.' } }] });
    expect(await copyCut('pin', queries)).toBeUndefined();
    expect(said()?.sentence).toBe('This cut is not kept here.');
  });

  it('takes a cut out at the version that was read, and brings it back under its own id', async () => {
    localStorage.setItem('bw.draft.pin', '{}');
    const asked = program({ 'GET /api/cuts/pin': [{ json: PIN }], 'POST /api/cuts': [{ json: PIN }] });
    expect(await deleteCut('pin', queries)).toBe(true);
    expect(asked.map((one) => `${one.method} ${one.path}`)).toContain('DELETE /api/cuts/pin');
    expect(said()?.sentence).toBe('“Pin” is deleted.');
    act(() => said()?.action?.does());
    await waitFor(() => expect(said()?.sentence).toBe('“Pin” is back.'));
    expect(asked.find((one) => one.method === 'POST')?.body).toEqual({ ...PIN, version: 1 });
  });

  it('leaves a cut that somebody has saved meanwhile, and says so', async () => {
    program({
      'GET /api/cuts/pin': [{ json: PIN }],
      'DELETE /api/cuts/pin': [{ status: 409, json: { sentence: 'Somebody else saved this cut.' } }],
    });
    expect(await deleteCut('pin', queries)).toBe(false);
    expect(said()).toEqual({ sentence: 'Somebody else saved this cut.', action: undefined });
  });

  it('copies a tool without its version and log', async () => {
    const asked = program({ 'POST /api/crib/tools': [{ json: BAR }] });
    const id = await copyTool(BAR, queries);
    expect(asked.find((one) => one.method === 'POST')?.body).toEqual({
      ...BAR,
      id,
      version: 1,
      name: 'Long bar, copy',
    });
  });

  it('brings a tool back with its log, from the file that was read before it went', async () => {
    const file = { format: 'bold-wedge-shop', tools: [BAR], grinds: [{ id: 'g' }] };
    const asked = program({
      'GET /api/exchange/tools/bar.json': [{ json: file }],
      'POST /api/exchange/shop': [{ json: {} }],
    });
    expect(await deleteTool(BAR, queries)).toBe(true);
    const ways = asked.map((one) => `${one.method} ${one.path}`);
    expect(ways.indexOf('GET /api/exchange/tools/bar.json')).toBeLessThan(ways.indexOf('DELETE /api/crib/tools/bar'));
    act(() => said()?.action?.does());
    await waitFor(() => expect(said()?.sentence).toBe('“Long bar” is back, with its log.'));
    expect(asked.find((one) => one.path === '/api/exchange/shop')?.body).toEqual(file);
  });

  it('says why it could not be brought back', async () => {
    program({
      'GET /api/exchange/tools/bar.json': [{ json: {} }],
      'POST /api/exchange/shop': [{ status: 503, json: { sentence: 'The records are away.' } }],
    });
    await deleteTool(BAR, queries);
    act(() => said()?.action?.does());
    await waitFor(() => expect(said()?.sentence).toBe('The records are away.'));
  });

  it('does not take a tool out whose log could not be read', async () => {
    const asked = program({ 'GET /api/exchange/tools/bar.json': [{ status: 503, json: { sentence: 'Away.' } }] });
    expect(await deleteTool(BAR, queries)).toBe(false);
    expect(asked.some((one) => one.method === 'DELETE')).toBe(false);
  });
});
