import { useHotkeys } from 'react-hotkeys-hook';

/** An open list, menu or dialog has the keys; so has whoever has handled the key already. */
function isTaken(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return event.defaultPrevented || !!target?.closest?.('[role=listbox], [role=menu], [role=dialog]');
}

/** Letters are typed there. */
function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return !!target?.matches?.('input:not([type=checkbox]), textarea, [contenteditable]');
}

/**
 * A key of the page.
 *
 * @param keys by place on the keyboard, such as "alt+u"; several with commas
 * @param does what it does
 * @param whileTyping whether it works inside a value too
 */
export function usePageKey(keys: string, does: (event: KeyboardEvent) => void, whileTyping = false): void {
  useHotkeys(keys, does, {
    enableOnFormTags: true,
    preventDefault: true,
    ignoreEventWhen: (event) => isTaken(event) || (!whileTyping && isTyping(event)),
  });
}

/** The same by the sign that the key gives, wherever it stands on this keyboard. */
export function useSignKey(keys: string, does: (event: KeyboardEvent) => void): void {
  useHotkeys(keys, does, {
    enableOnFormTags: true,
    preventDefault: true,
    useKey: true,
    ignoreEventWhen: (event) => isTaken(event) || isTyping(event),
  });
}
