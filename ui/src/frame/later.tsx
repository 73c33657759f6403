import { type ComponentType, lazy } from 'react';
import { QUIET } from './looks';

/** Pages that came later than the first: all are fetched once nothing else is to do, so that they are there without the network too. */
const all: (() => Promise<unknown>)[] = [];

/** A page that is fetched when it is opened, or when there is time. What could not be fetched says so. */
export function later<K extends string>(fetch: () => Promise<Record<K, ComponentType>>, name: K) {
  all.push(fetch);
  return lazy(() =>
    fetch()
      .then((page) => ({ default: page[name] }))
      .catch(() => ({ default: NotFetched })),
  );
}

/** Fetches the others, one after the other. */
export async function fetchTheOthers(): Promise<void> {
  for (const fetch of all) {
    try {
      await fetch();
    } catch {
      return; // Nobody is there now: each is asked for again when it is opened.
    }
  }
}

function NotFetched() {
  return (
    <main className="px-5 py-6">
      <p role="alert">This page could not be fetched: the shop’s program does not answer, or was renewed meanwhile.</p>
      <p>What was typed is kept in this browser.</p>
      <button type="button" className={QUIET} onClick={() => window.location.reload()}>
        Try again
      </button>
    </main>
  );
}
