import { useEffect, useState } from 'react';

const NOTICE = 'bw-notice';

/** Something to be told, with what can be done about it. */
export interface Notice {
  sentence: string;
  /** A way back, such as "Undo". */
  action?: { words: string; does: () => void };
}

/** Says a sentence on whatever page is open, for what has no place of its own there. */
export function notice(sentence: string, action?: Notice['action']): void {
  window.dispatchEvent(new CustomEvent<Notice>(NOTICE, { detail: { sentence, action } }));
}

/** What was said last, and how to put it away. */
export function useNotice(): [Notice | undefined, () => void] {
  const [said, setSaid] = useState<Notice>();
  useEffect(() => {
    const hear = (event: Event) => setSaid((event as CustomEvent<Notice>).detail);
    window.addEventListener(NOTICE, hear);
    return () => window.removeEventListener(NOTICE, hear);
  }, []);
  return [said, () => setSaid(undefined)];
}
