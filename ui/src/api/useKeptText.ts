import { useCallback, useEffect, useRef, useState } from 'react';
import { ownStore } from '../frame/ownStore';
import type { Texts } from './client';
import { type Clash, merged, type SavedBy } from './merge';

const PREFIX = 'bw.card.';

/** A card with the version that it was read at, as texts by entry. */
export interface Card {
  version: number;
  texts: Texts;
  saved?: SavedBy;
}

/** What is kept in the browser: what is being written, over which card of the shop's, and what somebody else changed otherwise. */
interface Written {
  mine: Texts;
  over: Card;
  clashes: Clash[];
}

function read(name: string): Written | undefined {
  try {
    const text = ownStore.getItem(PREFIX + name);
    const found = text ? (JSON.parse(text) as Partial<Written>) : undefined;
    return found && (found.mine && found.over && found.clashes ? (found as Written) : fromEarlier(found));
  } catch {
    return undefined;
  }
}

/** A card that an earlier version of the page left: a tool, a machine with its card, or texts alone. What it was written over is not known. */
function fromEarlier(found: object): Written {
  const {
    version = 0,
    card,
    fields,
    name,
    drawer,
    note,
  } = found as Partial<Record<'name' | 'drawer' | 'note', string> & { version: number; card: Texts; fields: Texts }>;
  const tool = fields && { ...fields, name: name ?? '', drawer: drawer ?? '', note: note ?? '' };
  return { mine: card ?? tool ?? (found as Texts), over: { version, texts: {} }, clashes: [] };
}

export interface KeptText {
  /** What stands there: what is being written, else what the shop has; undefined until that is read. */
  card: Card | undefined;
  /** Whether something is written that is not saved. */
  unsaved: boolean;
  write: (next: Texts) => void;
  /** It is saved, or to be thrown away. */
  done: (saved?: Card) => void;
  /** Entries that somebody else has changed to something else meanwhile: one of the two is to be chosen. */
  clashes: Clash[];
  choose: (field: string, text: string) => void;
  /** What somebody else has saved of it since the page was opened, as it changed what stands here. */
  taken: Clash[];
}

/**
 * A card that is being written: kept in the browser from the first letter until it is saved, whichever page is opened meanwhile. What
 * somebody else saves of it in the meantime is put together with it, entry by entry.
 *
 * @param name under which it is kept
 * @param there what the shop has, once it is read
 */
export function useKeptText(name: string, there: Card | undefined): KeptText {
  const [written, setWritten] = useState<Written | undefined>(() => read(name));
  const [saved, setSaved] = useState<Card>();
  const [taken, setTaken] = useState<Clash[]>([]);
  const last = useRef<Card>(undefined);
  useEffect(() => {
    setWritten(read(name));
    setSaved(undefined);
    setTaken([]);
    last.current = undefined;
  }, [name]);
  const put = useCallback(
    (next: Written) => {
      setWritten(next);
      try {
        ownStore.setItem(PREFIX + name, JSON.stringify(next));
      } catch {
        // A full store must not stop the writing; it is still on the page.
      }
    },
    [name],
  );
  // What has just been saved stands until the shop's list has been read again.
  const shops = saved && (!there || saved.version > there.version) ? saved : there;
  useEffect(() => {
    const before = last.current;
    last.current = shops;
    if (!before || !shops || shops.version <= before.version || shops === saved) return;
    setTaken(
      Object.keys({ ...before.texts, ...shops.texts })
        .map((field) => ({ field, was: before.texts[field] ?? '', theirs: shops.texts[field] ?? '' }))
        .filter(({ was, theirs }) => was !== theirs)
        .map((one) => ({ ...one, mine: one.was, ...shops.saved })),
    );
  }, [shops, saved]);
  useEffect(() => {
    if (!written || !shops || shops.version <= written.over.version) return;
    const both = merged(written.over.texts, written.mine, shops.texts, shops.saved);
    const earlier = written.clashes.filter((one) => !both.clashes.some((now) => now.field === one.field));
    put({ mine: both.texts, over: shops, clashes: [...earlier, ...both.clashes] });
  }, [written, shops, put]);
  const write = useCallback(
    (next: Texts) => {
      const over = written?.over ?? shops ?? { version: 0, texts: {} };
      put({ mine: next, over, clashes: written?.clashes ?? [] });
    },
    [put, written, shops],
  );
  const choose = useCallback(
    (field: string, text: string) => {
      if (!written) return;
      const clashes = written.clashes.filter((one) => one.field !== field);
      put({ ...written, mine: { ...written.mine, [field]: text }, clashes });
    },
    [put, written],
  );
  const done = useCallback(
    (kept?: Card) => {
      ownStore.removeItem(PREFIX + name);
      setWritten(undefined);
      setTaken([]);
      if (kept) setSaved(kept);
    },
    [name],
  );
  return {
    card: written ? { version: written.over.version, texts: written.mine } : shops,
    unsaved: written !== undefined,
    write,
    done,
    clashes: written?.clashes ?? [],
    choose,
    taken,
  };
}
