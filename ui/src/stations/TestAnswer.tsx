import type { BarAnswer, Texts } from '../api/client';
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
    <div className="test-answer">
      <p role="status">{answer.sentence}</p>
      {answer.worked && (
        <>
          <button type="button" className="mend" onClick={() => onUse(answer.take)}>
            {words}
          </button>
          <div className="working">
            <Working steps={answer.working} />
          </div>
        </>
      )}
    </div>
  );
}
