import type { BarAnswer, Texts } from '../api/client';
import { MEND } from '../frame/looks';
import { Working } from '../ledger/Working';

interface Props {
  answer: BarAnswer;
  onUse: (take: Texts) => void;
  /** What using it does. */
  words?: string;
}

/** What a test says, how, and the way to use it. */
export function TestAnswer({ answer, onUse, words = 'Use it in place of the assumption' }: Props) {
  return (
    <div className="test-answer pt-2">
      <p role="status">{answer.sentence}</p>
      {answer.worked && (
        <>
          <button type="button" className={MEND} onClick={() => onUse(answer.take)}>
            {words}
          </button>
          <div className="working ml-1 border-l-3 border-line pt-1 pb-1.5 pl-2.5">
            <Working steps={answer.working} />
          </div>
        </>
      )}
    </div>
  );
}
