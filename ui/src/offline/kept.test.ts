import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { forgetKept, keep, keepPlan, kept, keptPlan, readAt } from './kept';

/** A browser's store of answers, as far as it is used. */
class Stored {
  readonly by = new Map<string, Response>();
  match = (name: string) => Promise.resolve(this.by.get(name)?.clone());
  delete = (name: string) => Promise.resolve(this.by.delete(name));
  put = (name: string, answer: Response) => Promise.resolve(void this.by.set(name, answer));
  keys = () => Promise.resolve([...this.by.keys()]);
}

let stores: Map<string, Stored>;

beforeEach(() => {
  stores = new Map();
  vi.stubGlobal('caches', {
    open: (name: string) => Promise.resolve(stores.get(name) ?? stores.set(name, new Stored()).get(name)),
    delete: (name: string) => Promise.resolve(stores.delete(name)),
    keys: () => Promise.resolve([...stores.keys()]),
  });
  readAt.put(undefined);
});
afterEach(() => vi.unstubAllGlobals());

const get = (path: string) => new Request(`http://127.0.0.1${path}`);
const rest = () => new Promise((go) => setTimeout(go, 5));

async function keptOf(path: string, body: unknown, status = 200) {
  keep(get(path), Response.json(body, { status }));
  await rest();
  return kept(get(path));
}

test('an answer is kept with the time at which it was read', async () => {
  const before = Date.now();
  const answer = await keptOf('/api/cuts/7', { name: 'Pin' });
  expect(await answer?.json()).toEqual({ name: 'Pin' });
  expect(readAt.now?.getTime()).toBeGreaterThanOrEqual(before);
});

test('another address is another answer', async () => {
  await keptOf('/api/proof/trials?cut=1', [1]);
  expect(await kept(get('/api/proof/trials?cut=2'))).toBeUndefined();
});

test('an answer that comes says that the program is there', async () => {
  await keptOf('/api/cuts', []);
  expect(readAt.now).toBeDefined();
  keep(get('/api/cuts'), Response.json([]));
  expect(readAt.now).toBeUndefined();
});

test('neither refusals nor what is of the moment are kept', async () => {
  expect(await keptOf('/api/cuts/8', { code: 'no-such-cut' }, 404)).toBeUndefined();
  expect(await keptOf('/api/news', {})).toBeUndefined();
  expect(await keptOf('/api/people', [])).toBeUndefined();
  expect(await keptOf('/api/exchange/shop.json', {})).toBeUndefined();
});

test('a plan is found by its texts in any order, as looked at or else as printed', async () => {
  await keepPlan({ fields: { a: '1', b: '2', c: '' }, units: 'METRIC' }, 'CARD', { steps: 3 });
  expect(await keptPlan({ fields: { b: '2', a: '1' }, units: 'METRIC' }, ['MAKE', 'CARD'])).toEqual({ steps: 3 });
  expect(await keptPlan({ fields: { b: '2', a: '1' }, units: 'METRIC' }, ['MAKE'])).toBeUndefined();
  expect(await keptPlan({ fields: { b: '2', a: '1' }, units: 'INCH' }, ['CARD'])).toBeUndefined();
});

test('whoever signs out leaves nothing', async () => {
  await keptOf('/api/cuts/7', {});
  await keptOf('/api/people/me', { name: 'x' });
  await forgetKept();
  expect(await kept(get('/api/cuts/7'))).toBeUndefined();
  expect(await kept(get('/api/people/me'))).toBeUndefined();
});

test('the oldest go', async () => {
  for (let i = 0; i < 450; i++) await keepPlan({ fields: { i: String(i) }, units: 'METRIC' }, 'CUT', i);
  const sizes = [...stores.values()].map((store) => store.by.size);
  expect(Math.max(...sizes)).toBeLessThanOrEqual(440);
  expect(await keptPlan({ fields: { i: '449' }, units: 'METRIC' }, ['CUT'])).toBe(449);
  expect(await keptPlan({ fields: { i: '0' }, units: 'METRIC' }, ['CUT'])).toBeUndefined();
});

test('a browser that keeps nothing for this page is no error', async () => {
  vi.stubGlobal('caches', undefined);
  await keepPlan({ fields: {}, units: 'METRIC' }, 'CUT', {});
  expect(await keptPlan({ fields: {}, units: 'METRIC' }, ['CUT'])).toBeUndefined();
});
