import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { dropWaiting, outbox, sendLater, sendWaiting, type Waiting } from './outbox';

const trial = (id: string, what = `the trial ${id}`): Waiting => ({
  kind: 'trial',
  what,
  body: { id, units: 'METRIC', fields: {}, readings: { near: '20' }, note: '', aside: false } as never,
});

/** Answers in order; `undefined` is a program that is not there. */
function answering(...answers: (Response | undefined)[]) {
  const sent: string[] = [];
  vi.stubGlobal('fetch', async (asked: Request) => {
    sent.push(((await asked.clone().json()) as { id: string }).id);
    const answer = answers.shift();
    if (!answer) throw new TypeError('Failed to fetch');
    return answer;
  });
  return sent;
}

const taken = () => Response.json({});
const refused = (status: number, code: string) =>
  Response.json({ code, sentence: 'Type both.', fields: {} }, { status });

beforeEach(() => {
  localStorage.clear();
  for (const one of outbox.now) dropWaiting(one.body.id);
});
afterEach(() => vi.unstubAllGlobals());

test('what waits is sent in order, once', async () => {
  sendLater(trial('a'));
  sendLater(trial('b'));
  sendLater(trial('a', 'the same again'));
  const sent = answering(taken(), taken());
  const gone = await sendWaiting();
  expect(sent).toEqual(['b', 'a']);
  expect(gone.map((one) => one.what)).toEqual(['the trial b', 'the same again']);
  expect(outbox.now).toEqual([]);
  expect(await sendWaiting()).toEqual([]);
});

test('the same readings are kept once, whatever id they come with again', () => {
  sendLater(trial('a', 'the trial'));
  sendLater(trial('b', 'the trial'));
  expect(outbox.now).toEqual([trial('a', 'the trial')]);
});

test('where nothing answers all of it waits on', async () => {
  sendLater(trial('a'));
  sendLater(trial('b'));
  const sent = answering(taken(), undefined);
  await sendWaiting();
  expect(sent).toEqual(['a', 'b']);
  expect(outbox.now.map((one) => one.body.id)).toEqual(['b']);
});

test('nobody signed in is no refusal of what waits', async () => {
  sendLater(trial('a'));
  answering(refused(401, 'sign-in-first'));
  await sendWaiting();
  expect(outbox.now).toEqual([trial('a')]);
});

test('nor is it one that somebody else is signed in, or that it was too often', async () => {
  sendLater(trial('a'));
  answering(refused(409, 'another-person'), refused(429, 'tried-too-often'));
  await sendWaiting();
  await sendWaiting();
  expect(outbox.now).toEqual([trial('a')]);
});

test('what is refused stays with the reason, and the next one goes', async () => {
  sendLater(trial('a'));
  sendLater(trial('b'));
  answering(refused(400, 'unusable'), taken());
  expect((await sendWaiting()).map((one) => one.body.id)).toEqual(['b']);
  expect(outbox.now).toEqual([{ ...trial('a'), refused: 'Type both.' }]);
  expect(answering()).toEqual([]);
  expect(await sendWaiting()).toEqual([]);
});

test('two that send at the same time send once', async () => {
  sendLater(trial('a'));
  const sent = answering(taken(), taken());
  await Promise.all([sendWaiting(), sendWaiting()]);
  expect(sent).toEqual(['a']);
});

test('a store that holds something else is an empty one', async () => {
  localStorage.setItem('bw.outbox', '{"not": "a list"}');
  answering();
  expect(await sendWaiting()).toEqual([]);
});
