import { Popover } from 'radix-ui';
import { memo, useMemo } from 'react';
import { pieces } from './explained';
import { TermDrawing } from './TermDrawing';
import { type Term, useGlossary } from './useGlossary';

/** A text whose words of the trade open their meaning; in running text only those that cannot mean something else. */
export const Explained = memo(function Explained({ text, prose = false }: { text: string; prose?: boolean }) {
  const terms = useGlossary().data;
  const parts = useMemo(() => pieces(text, terms ?? [], prose), [text, terms, prose]);
  return parts.map((piece) =>
    piece.term ? <Word key={piece.term.id} text={piece.text} term={piece.term} /> : piece.text,
  );
});

function Word({ text, term }: { text: string; term: Term }) {
  return (
    <Popover.Root>
      <Popover.Trigger className="-my-3 inline cursor-help border-0 py-3 text-inherit underline decoration-dotted underline-offset-4">
        {text}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className="z-30 max-w-80 border border-line bg-paper p-3 text-ink shadow-lg"
          collisionPadding={12}
          sideOffset={6}
        >
          <Meaning term={term} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** A word, its sign, its drawing and what it means. */
export function Meaning({ term }: { term: Term }) {
  return (
    <>
      <p className="font-semibold">
        {term.word}
        {term.sign && <span className="figures pl-2 text-ink-2">{term.sign}</span>}
      </p>
      <TermDrawing term={term} />
      <p>{term.meaning}</p>
    </>
  );
}
