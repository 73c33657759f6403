import { useLayoutEffect, useRef, useState } from 'react';
import { onPaper, onScreen, scaleOf } from './scale';

interface Props {
  /** How the scale reads, with the scale itself in braces where the plate has one. */
  note: string;
  /** Width of the plate in its own millimetres. */
  plateMm: number;
  /** How much larger two fingers have drawn it. */
  zoom: number;
}

/** How large the plate is drawn: on this screen about, for no browser knows its screen; on paper true, with a bar to check the printer by. */
export function ScaleNote({ note, plateMm, zoom }: Props) {
  const caption = useRef<HTMLElement>(null);
  const [pixels, setPixels] = useState(0);
  const scale = scaleOf(note);
  useLayoutEffect(() => {
    const plate = caption.current?.parentElement;
    if (!plate || scale === undefined) {
      return;
    }
    const measure = () => setPixels(plate.clientWidth);
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(plate);
    return () => watch.disconnect();
  }, [scale]);
  return (
    <figcaption ref={caption}>
      <span className="scale-screen">{onScreen(note, (pixels / plateMm) * zoom)}</span>
      <span className="scale-paper" aria-hidden="true">
        {onPaper(note)}
        {scale !== undefined && <i>this bar is 50 mm</i>}
      </span>
    </figcaption>
  );
}
