import { storeOwner } from '../frame/ownStore';
import { Store } from '../frame/store';

/** When what is shown was read, where the program did not answer; nothing while it does. */
export const readAt = new Store<Date | undefined>(undefined);

/** Stores of answers, by the beginning of their names. */
const KEPT = 'bw.kept';

/** When an answer was kept. */
const KEPT_AT = 'Bold-Wedge-Kept';

/** Answers that are kept for each person, about; the oldest go. */
const MOST = 400;
/** They are counted now and then. */
const COUNTED_EACH = 40;

/** What somebody at the lathe reads. What other people do, files and instruments are of the moment. */
const READ =
  /^\/api\/(people\/me$|families|glossary|shop\/|cuts|jobs|crib\/tools|proof\/(trials|experiments)|stock|week)/;

let since = 0;

/** Who is asked for stands in nobody's store: it says whose the others are. */
const cacheOf = (path: string) => (path === '/api/people/me' ? KEPT : `${KEPT}.${storeOwner()}`);

/** A browser lets only pages that it trusts keep anything. */
const canKeep = () => typeof caches !== 'undefined';

async function put(path: string, name: string, text: string): Promise<void> {
  try {
    const cache = await caches.open(cacheOf(path));
    // What is kept anew goes to the end: the first are the oldest.
    await cache.delete(name);
    const headers = { 'Content-Type': 'application/json', [KEPT_AT]: new Date().toISOString() };
    await cache.put(name, new Response(text, { headers }));
    since += 1;
    if (since < COUNTED_EACH) return;
    since = 0;
    const names = await cache.keys();
    for (const old of names.slice(0, Math.max(0, names.length - MOST))) await cache.delete(old);
  } catch {
    // A full disk must not stop the work.
  }
}

async function found(path: string, name: string): Promise<Response | undefined> {
  try {
    return await (await caches.open(cacheOf(path))).match(name);
  } catch {
    return undefined;
  }
}

const atOf = (kept: Response) => new Date(kept.headers.get(KEPT_AT) ?? 0);

/** Keeps what was answered, where it may be wanted without the network. */
export function keep(asked: Request, answer: Response): void {
  const { pathname, search } = new URL(asked.url);
  if (asked.method !== 'GET' || !READ.test(pathname)) return;
  if (answer.ok) readAt.put(undefined);
  if (!canKeep() || !answer.ok || !(answer.headers.get('Content-Type') ?? '').includes('json')) return;
  void answer
    .clone()
    .text()
    .then((text) => put(pathname, pathname + search, text))
    .catch(() => undefined);
}

/** The same answer as it was read last; nothing where it never was. */
export async function kept(asked: Request): Promise<Response | undefined> {
  const { pathname, search } = new URL(asked.url);
  if (!canKeep() || asked.method !== 'GET' || !READ.test(pathname)) return undefined;
  const answer = await found(pathname, pathname + search);
  if (answer) readAt.put(atOf(answer));
  return answer;
}

const PLAN = '/api/plan';

/** A plan is known by what was asked, whole: the same texts in any order. */
async function nameOf(asked: unknown): Promise<string> {
  const digest = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(JSON.stringify(asked)));
  return `${PLAN}/${Array.from(new Uint8Array(digest), (byte) => byte.toString(16).padStart(2, '0')).join('')}`;
}

interface Asked {
  fields: Record<string, string>;
  units: string;
}

const inOrder = ({ fields, units }: Asked, look: string) => [
  units,
  look,
  Object.entries(fields)
    .filter(([, text]) => text !== '')
    .sort(([a], [b]) => (a < b ? -1 : 1)),
];

/** Keeps a plan as it was looked at. */
export async function keepPlan(asked: Asked, look: string, plan: unknown): Promise<void> {
  if (canKeep()) await put(PLAN, await nameOf(inOrder(asked, look)), JSON.stringify(plan));
}

/** The plan that was kept for the first of these looks of which there is one. */
export async function keptPlan<T>(asked: Asked, looks: readonly string[]): Promise<T | undefined> {
  if (!canKeep()) return undefined;
  for (const look of looks) {
    const answer = await found(PLAN, await nameOf(inOrder(asked, look)));
    if (answer) {
      readAt.put(atOf(answer));
      return (await answer.json()) as T;
    }
  }
  return undefined;
}

/** Forgets what was kept, for whomever: somebody signs out, or is not let in any more. */
export async function forgetKept(): Promise<void> {
  if (!canKeep()) return;
  for (const name of await caches.keys()) if (name.startsWith(KEPT)) await caches.delete(name);
}

/** Lets the page itself open without the network, where the browser trusts the program's address. */
export function keepPage(): void {
  if (import.meta.env.PROD && 'serviceWorker' in navigator)
    navigator.serviceWorker.register('/worker.js', { type: 'module' }).catch(() => undefined);
}
