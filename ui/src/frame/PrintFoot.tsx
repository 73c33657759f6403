/** Under everything that is printed: from which program, and on which day. */
export function PrintFoot() {
  return (
    <p className="print-foot hidden print:mb-[0.3cm] print:block print:text-[8pt]">
      Bold Wedge {__VERSION__}, printed {new Date().toLocaleDateString('sv-SE')}
    </p>
  );
}
