import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Texts } from '../api/client';
import { answered, field, shown } from '../test/desk';
import { type Look, PlanDesk } from './planDesk';

interface Call {
  body: { fields: Texts; look: Look };
  answer: (depth: string, worked?: boolean) => void;
  fail: (response: Response | Error) => void;
}

/** A program whose answers come when the test says so. */
let calls: Call[] = [];
const desk = () => {
  const one = new PlanDesk();
  one.subscribe(() => {});
  return one;
};
const ask = async (one: PlanDesk, depth: string, look: Look = 'CUT') => {
  const question = { fields: { depth }, units: 'METRIC' as const, look, folded: true };
  one.ask(question);
  await settle();
  return question;
};
const settle = () => vi.advanceTimersByTimeAsync(0);
const depthShown = (one: PlanDesk) => one.now.answer?.figures[0]?.text;

beforeEach(() => {
  vi.useFakeTimers();
  calls = [];
  vi.stubGlobal('fetch', async (asked: Request) => {
    const body = (await asked.json()) as Call['body'];
    return new Promise<Response>((resolve, reject) => {
      calls.push({
        body,
        answer: (depth, worked = true) => {
          const figures = [{ id: 'depth', label: 'Depth', station: 'CUT' as const, value: 1, unit: 'mm', text: depth }];
          const fields = [field('depth', depth, depth)];
          resolve(Response.json(answered({ worked, figures, fields, page: shown({}) })));
        },
        fail: (with_) => (with_ instanceof Error ? reject(with_) : resolve(with_)),
      });
    });
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('the desk that asks for plans', () => {
  it('asks one thing at a time: of twelve changes the first and the newest are answered', async () => {
    const one = desk();
    for (let i = 1; i <= 12; i++) await ask(one, String(i));
    expect(calls.map((call) => call.body.fields.depth)).toEqual(['1']);
    calls[0]?.answer('1');
    await settle();
    expect(depthShown(one)).toBe('1');
    expect(calls.map((call) => call.body.fields.depth)).toEqual(['1', '12']);
    calls[1]?.answer('12');
    await settle();
    expect(depthShown(one)).toBe('12');
    expect(one.now.late).toBe(false);
  });

  it('marks what is shown as of before when the answer is late, and never before', async () => {
    const one = desk();
    await ask(one, '1');
    calls[0]?.answer('1');
    await settle();
    await ask(one, '2');
    await vi.advanceTimersByTimeAsync(240);
    expect(one.now.late).toBe(false);
    await vi.advanceTimersByTimeAsync(20);
    expect(one.now.late).toBe(true);
    await ask(one, '3');
    calls[1]?.answer('2');
    await settle();
    expect(depthShown(one)).toBe('2');
    expect(one.now.late, 'the answer to 2 is not the answer to 3').toBe(true);
    calls[2]?.answer('3');
    await settle();
    expect(one.now.late).toBe(false);
  });

  it('keeps the last good answer while something typed cannot be used, with what is wrong', async () => {
    const one = desk();
    await ask(one, '1');
    calls[0]?.answer('1');
    await settle();
    await ask(one, 'x');
    calls[1]?.answer('x', false);
    await settle();
    expect(depthShown(one)).toBe('1');
    expect(one.now.stale).toBe(true);
    expect(one.now.fields.get('depth')?.typed).toBe('x');
  });

  it('shows a station again without asking while nothing was typed', async () => {
    const one = desk();
    const fields = { depth: '1' };
    const to = (look: Look) => {
      one.ask({ fields, units: 'METRIC', look, folded: true });
      return settle();
    };
    await to('CUT');
    calls[0]?.answer('1');
    await settle();
    await to('EDGE');
    calls[1]?.answer('1');
    await settle();
    await to('CUT');
    expect(calls).toHaveLength(2);
    expect(one.now.late).toBe(false);
  });

  it.each([
    ['nothing answers', new TypeError('Failed to fetch'), /does not answer/],
    ['somebody else answers', new Response('<html>', { status: 200 }), /Something else/],
    ['a gateway answers', new Response('<html>', { status: 502 }), /on the way \(502\)/],
  ])('asks again by itself when %s', async (_, failure, sentence) => {
    const one = desk();
    await ask(one, '1');
    calls[0]?.fail(failure);
    await settle();
    expect(one.now.trouble).toMatch(sentence);
    expect(one.now.stale).toBe(true);
    await vi.advanceTimersByTimeAsync(1000);
    expect(calls).toHaveLength(2);
    calls[1]?.answer('1');
    await settle();
    expect(one.now.trouble).toBe('');
    expect(depthShown(one)).toBe('1');
  });

  it('asks before the page has painted a change, and not once more when it has', async () => {
    const one = desk();
    const first = await ask(one, '1', 'EDGE');
    calls[0]?.answer('1');
    await settle();
    const fields = { depth: '2' };
    one.askFor(fields, 'METRIC');
    await settle();
    expect(calls[1]?.body).toMatchObject({ fields, look: 'EDGE' });
    one.ask({ ...first, fields });
    await settle();
    calls[1]?.answer('2');
    await settle();
    expect(depthShown(one)).toBe('2');
    expect(one.now.late).toBe(false);
    await vi.advanceTimersByTimeAsync(500);
    expect(calls).toHaveLength(2);
  });

  it('lights what a change has changed for a moment', async () => {
    const one = desk();
    await ask(one, '1');
    calls[0]?.answer('1');
    await settle();
    expect(one.now.was.size).toBe(0);
    await ask(one, '2');
    calls[1]?.answer('2');
    await settle();
    expect(one.now.was.get('figure depth')).toBe('1');
    await vi.advanceTimersByTimeAsync(2300);
    expect(one.now.was.get('figure depth')).toBe('1');
    await vi.advanceTimersByTimeAsync(200);
    expect(one.now.was.size).toBe(0);
  });

  it('fetches the card when the cut rests, and forgets it at the next change', async () => {
    const one = desk();
    await ask(one, '1');
    calls[0]?.answer('1');
    await settle();
    await vi.advanceTimersByTimeAsync(600);
    expect(calls[1]?.body.look).toBe('CARD');
    calls[1]?.answer('1');
    await settle();
    expect(one.now.card?.figures[0]?.text).toBe('1');
    await ask(one, '2');
    calls[2]?.answer('2');
    await settle();
    expect(one.now.card).toBeUndefined();
  });
});
