import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { type Draft, newDraft } from './draft';
import { useOtherTab } from './useOtherTab';

/** Tabs of one browser: what one posts the others hear, at once. */
let tabs: Tab[] = [];
class Tab {
  onmessage: ((event: { data: unknown }) => void) | null = null;
  readonly posted: { kind: string }[] = [];
  constructor(readonly name: string) {
    tabs.push(this);
  }
  postMessage(data: { kind: string }) {
    this.posted.push(data);
    for (const other of tabs) if (other !== this && other.name === this.name) other.onmessage?.({ data });
  }
  close() {
    tabs = tabs.filter((one) => one !== this);
  }
}

const PIN: Draft = { ...newDraft('METRIC'), id: 'pin', fields: { diameter: '10' } };
const open = (draft: Draft = PIN) => renderHook((now: Draft) => useOtherTab(now), { initialProps: draft });
const typedIn = (text: string): Draft => ({ ...PIN, fields: { diameter: text }, changed: true });

describe('one cut in two tabs', () => {
  beforeEach(() => {
    tabs = [];
    vi.stubGlobal('BroadcastChannel', Tab);
  });
  afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
  });

  it('is told in both as soon as it is open in both', () => {
    const first = open();
    expect(first.result.current.there).toBe(false);
    let second: ReturnType<typeof open> | undefined;
    act(() => {
      second = open();
    });
    expect(first.result.current.there).toBe(true);
    expect(second?.result.current.there).toBe(true);
  });

  it('is not told of another cut', () => {
    const first = open();
    act(() => void open({ ...PIN, id: 'bush' }));
    expect(first.result.current.there).toBe(false);
  });

  it('hears what is typed in the other, until that has been looked at', () => {
    const first = open();
    let second = open();
    act(() => {
      second.unmount();
      second = open();
    });
    act(() => second.rerender(typedIn('12')));
    expect(first.result.current.typed?.fields).toEqual({ diameter: '12' });
    act(() => first.result.current.seen());
    expect(first.result.current.typed).toBeUndefined();
    expect(first.result.current.there).toBe(true);
  });

  it('posts nothing at a key where no other tab has been heard', () => {
    const alone = open();
    act(() => alone.rerender(typedIn('12')));
    expect(tabs[0]?.posted.map((message) => message.kind)).toEqual(['open']);
  });

  it('does not pass on what was not typed here: an undone change, or the same draft read again', () => {
    open();
    const second = open();
    const last = tabs.at(-1);
    const before = last?.posted.length;
    act(() => second.rerender({ ...PIN, version: 4 }));
    act(() => second.rerender({ ...PIN, fields: { diameter: '12' }, changed: false }));
    expect(last?.posted.length).toBe(before);
  });
});
