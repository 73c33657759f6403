/** Something that changes, with word of it: read outside React, or by parts of the page that show a part of it. */
export interface Watched<T> {
  readonly now: T;
  /** Told at each change, until what it gives back is called. */
  subscribe: (listener: () => void) => () => void;
}

/** A value that is kept outside React, so that only those parts of the page are painted anew that show what has changed of it. */
export class Store<T> implements Watched<T> {
  now: T;
  private readonly listeners = new Set<() => void>();

  constructor(first: T) {
    this.now = first;
  }

  put(next: T): void {
    if (next === this.now) return;
    this.now = next;
    for (const listener of this.listeners) listener();
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
}
