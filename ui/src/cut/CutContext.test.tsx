import { act, cleanup } from '@testing-library/react';
import { Profiler } from 'react';
import { afterEach, describe, expect, it } from 'vitest';
import type { FieldState } from '../api/client';
import { answered, field, onDesk } from '../test/desk';
import { useAnswer, useCut, useDraftThen, useFieldState, useTyped } from './CutContext';

const byId = (...fields: FieldState[]) => new Map(fields.map((state) => [state.id, state]));

const Shown = ({ of }: { of: string }) => (
  <p data-testid={of}>
    {useTyped(of)} {useFieldState(of)?.text}
  </p>
);

const Whole = () => <p data-testid="whole">{`${useCut().draft.name} ${useAnswer().late}`}</p>;

const Later = ({ keep }: { keep: (read: () => string) => void }) => {
  const draft = useDraftThen();
  keep(() => draft.now.name);
  return null;
};

/** Two values, a part that shows all of it, and one that reads at a click; and how often each was painted. */
function desk() {
  const painted: Record<string, number> = { depth: 0, feed: 0, whole: 0, later: 0 };
  let read = () => '';
  const count = (id: string) => {
    painted[id] = (painted[id] ?? 0) + 1;
  };
  const view = onDesk(
    <>
      <Profiler id="depth" onRender={count}>
        <Shown of="depth" />
      </Profiler>
      <Profiler id="feed" onRender={count}>
        <Shown of="feed" />
      </Profiler>
      <Profiler id="whole" onRender={count}>
        <Whole />
      </Profiler>
      <Profiler id="later" onRender={count}>
        <Later
          keep={(now) => {
            read = now;
          }}
        />
      </Profiler>
    </>,
    { fields: { depth: '0.4' } },
    answered({ fields: [field('depth', '0.4 mm', '0.4'), field('feed', '0.1 mm/rev')] }),
  );
  for (const id of Object.keys(painted)) painted[id] = 0;
  return { ...view, painted, read: () => read() };
}

describe('what is typed and what is answered', () => {
  afterEach(cleanup);

  it('paints at a key what shows that value, and who shows the whole of it', () => {
    const { painted, typed, getByTestId } = desk();
    act(() => typed.put({ ...typed.now, fields: { depth: '0.5' } }));
    expect(getByTestId('depth').textContent).toBe('0.5 0.4 mm');
    expect(painted).toEqual({ depth: 1, feed: 0, whole: 1, later: 0 });
  });

  it('paints at an answer what it has changed', () => {
    const { painted, plan, getByTestId } = desk();
    const depth = plan.now.fields.get('depth') as FieldState;
    act(() => plan.put({ ...plan.now, fields: byId(depth, field('feed', '0.2 mm/rev')) }));
    expect(getByTestId('feed').textContent).toBe(' 0.2 mm/rev');
    expect(painted).toEqual({ depth: 0, feed: 1, whole: 1, later: 0 });
  });

  it('paints nothing where the same is put again', () => {
    const { painted, plan, typed } = desk();
    act(() => {
      plan.put(plan.now);
      typed.put(typed.now);
    });
    expect(painted).toEqual({ depth: 0, feed: 0, whole: 0, later: 0 });
  });

  it('is read as it then is by what is done at a click', () => {
    const { read, typed, painted } = desk();
    act(() => typed.put({ ...typed.now, name: 'Pin' }));
    expect(read()).toBe('Pin');
    expect(painted.later).toBe(0);
  });

  it('is told to nobody who has left', () => {
    const { painted, typed, unmount } = desk();
    unmount();
    typed.put({ ...typed.now, name: 'Pin' });
    expect(painted.whole).toBe(0);
  });
});
