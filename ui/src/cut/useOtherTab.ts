import { useCallback, useEffect, useRef, useState } from 'react';
import type { Draft } from './draft';

type Message = { id: string } & ({ kind: 'open' | 'here' } | { kind: 'typed'; draft: Draft });

export interface OtherTab {
  /** Whether the same cut is open in another tab of this browser. */
  there: boolean;
  /** What was typed there last; undefined when nothing was since it was looked at. */
  typed: Draft | undefined;
  /** It has been looked at. */
  seen: () => void;
}

/** Tabs with the same cut tell each other of it and of what is typed: both keep one draft, and the last to type in it has it. */
export function useOtherTab(draft: Draft): OtherTab {
  const [there, setThere] = useState(false);
  const [typed, setTyped] = useState<Draft>();
  const channel = useRef<BroadcastChannel>(undefined);
  const told = useRef(draft);
  const heard = useRef(false);
  const { id } = draft;
  useEffect(() => {
    if (typeof BroadcastChannel === 'undefined') return;
    const tabs = new BroadcastChannel('bw-cuts');
    channel.current = tabs;
    const send = (kind: 'open' | 'here') => tabs.postMessage({ id, kind } satisfies Message);
    tabs.onmessage = (event: MessageEvent<Message>) => {
      if (event.data.id !== id) return;
      heard.current = true;
      setThere(true);
      if (event.data.kind === 'open') send('here');
      if (event.data.kind === 'typed') setTyped(event.data.draft);
    };
    send('open');
    return () => {
      tabs.close();
      channel.current = undefined;
      heard.current = false;
      setThere(false);
      setTyped(undefined);
    };
  }, [id]);
  useEffect(() => {
    if (told.current === draft) return;
    const typedHere =
      told.current.id === draft.id &&
      draft.changed &&
      (told.current.fields !== draft.fields || told.current.name !== draft.name);
    told.current = draft;
    // Where no other tab has been heard nobody listens.
    if (typedHere && heard.current)
      channel.current?.postMessage({ id: draft.id, kind: 'typed', draft } satisfies Message);
  }, [draft]);
  return { there, typed, seen: useCallback(() => setTyped(undefined), []) };
}
