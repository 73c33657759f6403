import { Popover } from 'radix-ui';
import { memo, type RefObject, useEffect, useId, useLayoutEffect, useRef, useState, useSyncExternalStore } from 'react';
import type { FieldState } from '../api/client';
import { Store } from '../frame/store';
import { useEdit, useFieldState, useOfAnswer, useTyped } from './CutContext';
import { TouchKeys } from './TouchKeys';

type Place = 'sentence' | 'plate' | 'list';

interface Props {
  field: string;
  /** Shown above the value; hidden where the sentence says it already. */
  caption?: boolean;
  /** Where it stands: in the sentence, on the plate, or in a list that says itself what is wrong. */
  place: Place;
}

/** A value that is typed over where it stands: on the plate or in the sentence. */
export const ValueInput = memo(function ValueInput({ field, caption = false, place }: Props) {
  const state = useFieldState(field);
  const typed = useTyped(field);
  return state ? <Value state={state} typed={typed} caption={caption} place={place} /> : null;
});

interface ValueProps {
  state: FieldState;
  typed: string;
  caption: boolean;
  place: Place;
}

const IN_THE_SENTENCE =
  '-my-[3px] min-h-touch border-b-2 border-dotted border-ink-2 bg-transparent px-0.5 font-numbers text-[1.12rem] font-semibold text-accent aria-invalid:border-b-3 aria-invalid:border-double aria-invalid:border-warn aria-invalid:text-warn';

const Value = memo(function Value({ state, typed, caption, place }: ValueProps) {
  const edit = useEdit();
  const [focused, setFocused] = useState(false);
  const [leaving, setLeaving] = useState<string>();
  const before = useRef('');
  const box = useRef<HTMLLabelElement>(null);
  const input = useRef<HTMLInputElement>(null);
  const own = useRef(false);
  const tip = useId();
  // What was emptied stays empty while it is left so; once undo or a mend has put something else there, that is shown.
  const shown = focused && leaving === typed ? leaving : typed || state.text;
  const unit = unitOf(state, typed);
  const wrong = state.error !== '';
  const typing = useTypingIn(state.id);
  const inSentence = useIsInSentence(state.id);
  // A station may be left while one types in it: then nobody types here any more.
  const holds = useRef(false);
  useEffect(
    () => () => {
      if (holds.current && TYPING.now === state.id) TYPING.put('');
    },
    [state.id],
  );
  // What is wrong is said once: where it is being typed, else beside its first place.
  const said = focused || (wrong && !typing && (place === 'sentence' || !inSentence));
  const tipped = place === 'list' ? focused && !wrong : said;

  // An answer may put another value where one stands ready to be typed over: it is ready again, else what is typed would be added to it.
  useLayoutEffect(() => {
    if (!own.current && document.activeElement === input.current && input.current?.value === shown)
      input.current.select();
    own.current = false;
  }, [shown]);

  const change = (text: string) => {
    own.current = text !== shown;
    setLeaving(text);
    edit({ kind: 'field', id: state.id, text });
  };

  return (
    <>
      {/* With its caption it is one thing to touch. */}
      <label
        ref={box}
        className={
          place !== 'plate'
            ? 'value inline-flex flex-col'
            : `value value-plate ${wrong ? 'value-wrong' : ''} ${state.chosen ? 'value-chosen' : ''}`
        }
      >
        {caption && (
          <span className={`value-caption ${place !== 'plate' ? 'text-fine text-ink-2' : ''}`}>{state.label}</span>
        )}
        <span className="inline-flex items-baseline">
          <input
            ref={input}
            type="text"
            data-field={state.id}
            className={place !== 'plate' ? IN_THE_SENTENCE : undefined}
            aria-label={state.label}
            aria-invalid={wrong}
            aria-describedby={tipped ? tip : undefined}
            style={{ width: `${Math.max(4, shown.length + 1.2)}ch` }}
            value={shown}
            spellCheck={false}
            autoComplete="off"
            autoCapitalize="none"
            onFocus={(event) => {
              before.current = typed;
              setLeaving(undefined);
              setFocused(true);
              holds.current = true;
              TYPING.put(state.id);
              event.target.select();
            }}
            onBlur={() => {
              setFocused(false);
              holds.current = false;
              if (TYPING.now === state.id) TYPING.put('');
              setLeaving(undefined);
            }}
            onChange={(event) => change(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === 'Enter') event.currentTarget.blur();
              if (event.key === 'Escape') {
                if (typed !== before.current) change(before.current);
                setLeaving(undefined);
                event.stopPropagation();
              }
            }}
          />
          {unit && (
            <span className="value-unit" aria-hidden="true">
              {unit}
            </span>
          )}
        </span>
      </label>
      {tipped && <Tip id={tip} state={state} box={box} />}
    </>
  );
});

/** The field that is being typed in: it may stand in the sentence and on the plate at once. */
const TYPING = new Store('');

const useTypingIn = (field: string): boolean => useSyncExternalStore(TYPING.subscribe, () => TYPING.now === field);

const useIsInSentence = (field: string): boolean =>
  useOfAnswer(({ page }) => page?.sentence.some(({ kind, text }) => kind === 'VALUE' && text === field) ?? false);

/** The unit that a bare number was taken for: it stands beside what was typed, which stays as it was typed. */
export function unitOf({ spelled, typed: read, error }: FieldState, typed: string): string {
  const bare = read.trim();
  if (bare === '' || error !== '' || !/^[\d\s.,/+-]+$/.test(typed) || !spelled.startsWith(bare)) return '';
  return spelled.slice(bare.length).trim();
}

/** What is to be said of a value, under it: what is wrong with it, or what is advised and why. */
function Tip({ id, state, box }: { id: string; state: FieldState; box: RefObject<HTMLLabelElement | null> }) {
  const wrong = state.error !== '';
  return (
    <Popover.Root open>
      <Popover.Anchor virtualRef={box} />
      <Popover.Portal>
        <Popover.Content
          className={`z-20 max-w-[420px] rounded-sm border border-ink-2 bg-paper px-3 py-1.75 text-small text-ink shadow-[0_6px_18px_#0003] ${wrong ? 'tip-wrong border-2! border-warn!' : ''}`}
          id={id}
          role={wrong ? 'alert' : 'note'}
          aria-label={`About ${state.label}`}
          sideOffset={6}
          side="bottom"
          align="start"
          collisionPadding={12}
          onOpenAutoFocus={(event) => event.preventDefault()}
          onCloseAutoFocus={(event) => event.preventDefault()}
        >
          <TouchKeys />
          {wrong ? (
            <p>
              <b className="text-warn" aria-hidden="true">
                ✕{' '}
              </b>
              {state.error}
            </p>
          ) : (
            <>
              {(state.other || state.note) && (
                <p className="figures">{[state.note, state.other].filter(Boolean).join(' · ')}</p>
              )}
              {state.advice && (
                <p>
                  <b>
                    {state.advice.low} to {state.advice.high}
                  </b>
                  , {state.advice.advised} advised. {state.advice.reason}
                </p>
              )}
              {state.chosen && !state.advice && <p>Chosen for you. Type over it to set it; empty gives it back.</p>}
              {!state.chosen && state.advice && <p>Yours. Empty it to take the advice.</p>}
              {!state.advice && !state.chosen && !state.other && !state.note && <p>{state.label}</p>}
            </>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
