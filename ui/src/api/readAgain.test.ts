import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { expect, it } from 'vitest';
import { readAgain } from './readAgain';

it('does not take the answer to a question that was asked before the change', async () => {
  const queries = new QueryClient();
  let kept = 'before';
  let answerTheFirst = () => {};
  let asked = 0;
  const list = new QueryObserver(queries, {
    queryKey: ['tools', 'passing'],
    retry: false,
    queryFn: () => {
      const answer = kept;
      asked++;
      return asked > 1 ? answer : new Promise<string>((done) => (answerTheFirst = () => done(answer)));
    },
  });
  const stop = list.subscribe(() => {});
  kept = 'after';
  const again = readAgain(queries, { queryKey: ['tools'] });
  answerTheFirst();
  await again;
  expect(list.getCurrentResult().data).toBe('after');
  expect(list.getCurrentResult().error).toBeNull();
  stop();
});
