import { api, given, Refused, type Schemas, sentenceOf } from '../api/client';
import { ownStore } from '../frame/ownStore';
import { Store } from '../frame/store';

/** What was written while the program did not answer, and waits to be sent. It has its own id: sent twice, it is kept once. */
export type Waiting = { what: string; refused?: string } & (
  | { kind: 'trial'; body: Schemas['TrialEntry'] & { id: string } }
  | { kind: 'grind'; tool: string; body: Schemas['GrindEntry'] & { id: string } }
);

const KEY = 'bw.outbox';

function read(): Waiting[] {
  try {
    const found: unknown = JSON.parse(ownStore.getItem(KEY) ?? '[]');
    return Array.isArray(found) ? (found as Waiting[]) : [];
  } catch {
    return [];
  }
}

/** What waits, the oldest first. */
export const outbox = new Store<Waiting[]>([]);

/** Reads it again: another tab may have sent or added something, or another person works here now. */
export function readOutbox(): void {
  const now = read();
  if (JSON.stringify(now) !== JSON.stringify(outbox.now)) outbox.put(now);
}

function write(change: (waiting: Waiting[]) => Waiting[]): void {
  ownStore.setItem(KEY, JSON.stringify(change(read())));
  readOutbox();
}

/** What it says, whatever id it got. */
const contentOf = (one: Waiting) => JSON.stringify({ ...one, refused: undefined, body: { ...one.body, id: '' } });

/** Keeps it until it can be sent. The same thing is kept once, under the id that it got first: it may be on its way already. */
export function sendLater(one: Waiting): void {
  write((waiting) => {
    const same = waiting.find((other) => other.body.id === one.body.id || contentOf(other) === contentOf(one));
    if (same === undefined) return [...waiting, one];
    const again = contentOf(same) === contentOf(one) ? { ...same, refused: undefined } : one;
    return [...waiting.filter((other) => other !== same), again];
  });
}

/** What to say where something could not be saved: it waits here where nothing answered. */
export function laterOr(error: unknown, one: Waiting): string {
  if (!(error instanceof Refused) || !error.away) return sentenceOf(error);
  sendLater(one);
  return 'Kept on this device: it goes to the shop by itself.';
}

/** Throws one away. */
export function dropWaiting(id: string): void {
  write((waiting) => waiting.filter((one) => one.body.id !== id));
}

function send(one: Waiting): Promise<unknown> {
  return one.kind === 'trial'
    ? given(api.POST('/api/proof/trials', { body: one.body }))
    : given(api.POST('/api/crib/tools/{id}/grinds', { params: { path: { id: one.tool } }, body: one.body }));
}

/** A refusal with one of these is of the thing that was sent, and not of who sends it or when. */
const ITS_OWN = [400, 404, 409, 413];

let onWay: Promise<Waiting[]> | undefined;

/** Sends what waits, in order; what was sent is given back. What is refused stays, with the reason; where nothing answers the rest waits on. */
export function sendWaiting(): Promise<Waiting[]> {
  onWay ??= sendAll().finally(() => {
    onWay = undefined;
  });
  return onWay;
}

async function sendAll(): Promise<Waiting[]> {
  const sent: Waiting[] = [];
  // What was refused once would be refused again.
  for (const one of read().filter(({ refused }) => refused === undefined)) {
    try {
      await send(one);
      dropWaiting(one.body.id);
      sent.push(one);
    } catch (error) {
      if (!(error instanceof Refused)) throw error;
      // Not there, or whoever wrote it is not signed in, or too often: all of it waits on.
      if (!ITS_OWN.includes(error.status) || error.code === 'another-person') break;
      write((waiting) =>
        waiting.map((other) => (other.body.id === one.body.id ? { ...other, refused: error.message } : other)),
      );
    }
  }
  return sent;
}
