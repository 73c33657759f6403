import { useCallback, useState } from 'react';
import { sentenceOf } from './client';

/** Does what may fail; {@link said} is what is to be told of it: why it failed, or what the work itself says. */
export function useAttempt() {
  const [said, say] = useState('');
  const attempt = useCallback(async (work: () => Promise<void>) => {
    say('');
    try {
      await work();
    } catch (error) {
      say(sentenceOf(error));
    }
  }, []);
  return { said, say, attempt };
}
