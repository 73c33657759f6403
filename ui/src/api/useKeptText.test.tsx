import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { type Card, useKeptText } from './useKeptText';

const AT_FIRST: Card = { version: 3, texts: { drawer: 'B4', note: 'sharp' } };

const written = (name: string, there: Card) =>
  renderHook(({ card }) => useKeptText(name, card), { initialProps: { card: there } });

describe('a card that is being written', () => {
  afterEach(() => {
    cleanup();
    localStorage.clear();
  });

  it('is the shop’s until something is typed, and outlives the page', () => {
    const { result } = written('tool.a', AT_FIRST);
    expect(result.current).toMatchObject({ card: AT_FIRST, unsaved: false });
    act(() => result.current.write({ ...AT_FIRST.texts, note: 'dull' }));
    const again = written('tool.a', AT_FIRST);
    expect(again.result.current).toMatchObject({ card: { version: 3, texts: { note: 'dull' } }, unsaved: true });
  });

  it('is put together with what somebody else saves meanwhile', () => {
    const { result, rerender } = written('tool.a', AT_FIRST);
    act(() => result.current.write({ ...AT_FIRST.texts, note: 'dull' }));
    rerender({ card: { version: 4, texts: { drawer: 'C7', note: 'sharp' } } });
    expect(result.current.card).toEqual({ version: 4, texts: { drawer: 'C7', note: 'dull' } });
    expect(result.current.clashes).toEqual([]);
    rerender({ card: { version: 5, texts: { drawer: 'C7', note: 'honed' } } });
    expect(result.current.clashes).toEqual([{ field: 'note', was: 'sharp', mine: 'dull', theirs: 'honed' }]);
    act(() => result.current.choose('note', 'honed'));
    expect(result.current).toMatchObject({ card: { version: 5, texts: { note: 'honed' } }, clashes: [] });
  });

  it('tells what somebody else saved while it was open, and not what was saved here', () => {
    const { result, rerender } = written('tool.a', AT_FIRST);
    const orlas = { by: 'Orla', at: '2026-01-05T10:00:00Z' };
    rerender({ card: { version: 4, texts: { drawer: 'C7', note: 'sharp' }, saved: orlas } });
    expect(result.current.taken).toEqual([{ field: 'drawer', was: 'B4', mine: 'B4', theirs: 'C7', ...orlas }]);
    act(() => result.current.write({ drawer: 'C7', note: 'dull' }));
    const own = { version: 5, texts: { drawer: 'C7', note: 'dull' } };
    act(() => result.current.done(own));
    expect(result.current.taken).toEqual([]);
    rerender({ card: { ...own, saved: { by: 'Tove' } } });
    expect(result.current.taken).toEqual([]);
  });

  it('keeps with each difference who made it, when others save after', () => {
    const { result, rerender } = written('tool.a', AT_FIRST);
    act(() => result.current.write({ ...AT_FIRST.texts, note: 'dull' }));
    const orlas = { by: 'Orla', at: '2026-01-05T10:00:00Z' };
    rerender({ card: { version: 4, texts: { drawer: 'B4', note: 'honed' }, saved: orlas } });
    rerender({ card: { version: 5, texts: { drawer: 'C7', note: 'honed' }, saved: { by: 'Sven' } } });
    expect(result.current.clashes).toEqual([{ field: 'note', was: 'sharp', mine: 'dull', theirs: 'honed', ...orlas }]);
    rerender({ card: { version: 6, texts: { drawer: 'C7', note: 'new' }, saved: { by: 'Tove' } } });
    expect(result.current.clashes).toMatchObject([{ theirs: 'new', by: 'Tove' }]);
  });

  it('stands as saved before the shop’s list has been read again', () => {
    const { result, rerender } = written('tool.a', AT_FIRST);
    act(() => result.current.write({ ...AT_FIRST.texts, note: 'dull' }));
    const saved = { version: 4, texts: { ...AT_FIRST.texts, note: 'dull' } };
    act(() => result.current.done(saved));
    expect(result.current).toMatchObject({ card: saved, unsaved: false });
    rerender({ card: { version: 5, texts: { drawer: 'D1', note: 'dull' } } });
    expect(result.current.card?.texts.drawer).toBe('D1');
  });

  it.each([
    [
      'a tool',
      { version: 3, name: 'Bit', drawer: 'B4', note: 'typed', fields: { sideRake: '12' } },
      { note: 'typed', sideRake: '12' },
    ],
    ['a machine', { version: 3, card: { motor: '2 kW' } }, { motor: '2 kW' }],
    ['readings', { 'POST.1.load': '5 kg' }, { 'POST.1.load': '5 kg' }],
  ])('reads what an earlier version of the page left of %s', (_, left, texts) => {
    localStorage.setItem('bw.card.x', JSON.stringify(left));
    const { result } = written('x', AT_FIRST);
    expect(result.current.unsaved).toBe(true);
    expect(result.current.card?.texts).toMatchObject(texts);
  });
});
