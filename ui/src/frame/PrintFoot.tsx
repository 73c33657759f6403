/** Under everything that is printed: from which program, and on which day. */
export function PrintFoot() {
  return (
    <p className="print-foot">
      Bold Wedge {__VERSION__}, printed {new Date().toLocaleDateString('sv-SE')}
    </p>
  );
}
