import { useEffect, useState } from 'react';

const NOTICE = 'bw-notice';

/** Says a sentence on whatever page is open, for what has no place of its own there. */
export function notice(sentence: string): void {
  window.dispatchEvent(new CustomEvent(NOTICE, { detail: sentence }));
}

/** What was said last, and how to put it away. */
export function useNotice(): [string, () => void] {
  const [sentence, setSentence] = useState('');
  useEffect(() => {
    const hear = (event: Event) => setSentence((event as CustomEvent<string>).detail);
    window.addEventListener(NOTICE, hear);
    return () => window.removeEventListener(NOTICE, hear);
  }, []);
  return [sentence, () => setSentence('')];
}
