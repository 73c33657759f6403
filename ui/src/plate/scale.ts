/** The scale that stands in a note in braces: millimetres of the plate for one of the thing. */
const SCALE = /\{([\d.]+)\}/;

/** By definition of CSS; how large that is on a screen depends on the screen. */
const PIXELS_PER_MM = 96 / 25.4;

/** The scale of a note; undefined where it bears none. */
export function scaleOf(note: string): number | undefined {
  const found = SCALE.exec(note);
  return found ? Number(found[1]) : undefined;
}

/** A scale as a person says it: "3.5 times", "1 : 1.3", "full size". */
function said(times: number): string {
  if (times > 0.97 && times < 1.03) {
    return 'full size';
  }
  return times >= 1 ? `${rounded(times)} times` : `1 : ${rounded(1 / times)}`;
}

function rounded(value: number): string {
  return value >= 20 ? String(Math.round(value)) : String(Math.round(value * 10) / 10);
}

/**
 * A note as it holds on this screen.
 *
 * @param pixelsPerMm CSS pixels that a millimetre of the plate takes; 0 before that is known
 */
export function onScreen(note: string, pixelsPerMm: number): string {
  return note.replace(SCALE, (_, scale: string) =>
    pixelsPerMm > 0 ? `drawn about ${said((Number(scale) * pixelsPerMm) / PIXELS_PER_MM)} on this screen` : '',
  );
}

/** A note as it holds on paper, where the plate is as large as it says. */
export function onPaper(note: string): string {
  return note.replace(SCALE, (_, scale: string) => `drawn ${said(Number(scale))}`);
}
