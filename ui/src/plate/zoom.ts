/** Where a plate stands in its frame: magnified about its left upper corner and moved, in pixels. */
export interface Zoom {
  scale: number;
  x: number;
  y: number;
}

export const WHOLE: Zoom = { scale: 1, x: 0, y: 0 };
const MOST = 6;

interface Point {
  x: number;
  y: number;
}

const between = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
const apart = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);
const held = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value));

/**
 * The plate after two fingers went from one place to another: what was under them stays under them, it is never smaller than its
 * frame and never leaves it empty.
 *
 * @param from where the fingers were, from the frame's left upper corner
 * @param to where they are
 */
export function pinched(zoom: Zoom, from: [Point, Point], to: [Point, Point], width: number, height: number): Zoom {
  const scale = held((zoom.scale * apart(...to)) / Math.max(1, apart(...from)), 1, MOST);
  const was = between(...from);
  const is = between(...to);
  const x = is.x - ((was.x - zoom.x) / zoom.scale) * scale;
  const y = is.y - ((was.y - zoom.y) / zoom.scale) * scale;
  return { scale, x: held(x, width * (1 - scale), 0), y: held(y, height * (1 - scale), 0) };
}
