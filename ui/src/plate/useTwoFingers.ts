import { type PointerEvent, useRef, useState } from 'react';
import { pinched, WHOLE, type Zoom } from './zoom';

interface Point {
  x: number;
  y: number;
}

/** Magnifies and moves what is drawn with two fingers; one finger goes on scrolling the page. */
export function useTwoFingers() {
  const [zoom, setZoom] = useState<Zoom>(WHOLE);
  const fingers = useRef(new Map<number, Point>());
  const place = (event: PointerEvent<HTMLElement>): Point => {
    const frame = event.currentTarget.getBoundingClientRect();
    return { x: event.clientX - frame.left, y: event.clientY - frame.top };
  };
  const up = (event: PointerEvent<HTMLElement>) => {
    fingers.current.delete(event.pointerId);
  };
  return {
    zoom,
    whole: () => setZoom(WHOLE),
    handlers: {
      onPointerDown: (event: PointerEvent<HTMLElement>) => {
        if (event.pointerType === 'touch') fingers.current.set(event.pointerId, place(event));
      },
      onPointerMove: (event: PointerEvent<HTMLElement>) => {
        const before = [...fingers.current.entries()];
        if (before.length !== 2 || !fingers.current.has(event.pointerId)) return;
        const now = place(event);
        const { width, height } = event.currentTarget.getBoundingClientRect();
        const [a, b] = before.map(([, at]) => at) as [Point, Point];
        const [c, d] = before.map(([id, at]) => (id === event.pointerId ? now : at)) as [Point, Point];
        fingers.current.set(event.pointerId, now);
        setZoom((zoomed) => pinched(zoomed, [a, b], [c, d], width, height));
      },
      onPointerUp: up,
      onPointerCancel: up,
      onPointerLeave: up,
    },
  };
}
