const KEYS = ['/', '-', '.', '°', 'µ', "'", '"', '±'];

/** Writes a sign where the caret stands, as if it had been typed. */
function write(sign: string) {
  const at = document.activeElement;
  if (!(at instanceof HTMLInputElement)) return;
  const from = at.selectionStart ?? at.value.length;
  const to = at.selectionEnd ?? from;
  const text = at.value.slice(0, from) + sign + at.value.slice(to);
  // React hears of a value only when the browser's own setter is told.
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(at, text);
  at.setSelectionRange(from + sign.length, from + sign.length);
  at.dispatchEvent(new Event('input', { bubbles: true }));
}

/** The signs of the shop that a touch keyboard hides two layers deep; where there is a mouse they are not shown. */
export function TouchKeys() {
  return (
    <div className="mb-1 hidden gap-1 pointer-coarse:flex" role="group" aria-label="Signs">
      {KEYS.map((sign) => (
        <button
          key={sign}
          type="button"
          tabIndex={-1}
          className="figures min-h-[44px] min-w-10 flex-1 border border-line bg-paper-2 text-lg"
          // The value keeps its caret.
          onPointerDown={(event) => event.preventDefault()}
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => write(sign)}
        >
          {sign}
        </button>
      ))}
    </div>
  );
}
