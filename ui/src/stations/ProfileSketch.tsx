import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import type { Units } from '../api/client';
import { type Corner, moved, type Placed, placed, STEP } from './profileText';

interface Props {
  corners: Corner[];
  units: Units;
  onWrite: (corners: Corner[]) => void;
}

/** Beside the profile so much of its width and height is left free: corners are drawn out there too. */
const BESIDE = 0.15;
/** Drawn so large, in the sketch's own units, however small the profile is. */
const WIDE = 300;
const HIGH = 130;

interface View {
  left: number;
  top: number;
  scale: number;
}

/** The profile to be drawn by hand: corners are dragged, put down by a touch, moved by arrow keys; the axis lies below. */
export function ProfileSketch({ corners, units, onWrite }: Props) {
  const at = placed(corners);
  const sheet = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<{ corner: number; view: View }>();
  if (!at) return null;
  // While a corner is dragged the paper stays where it is.
  const view = held?.view ?? viewOf(at);
  const x = (along: number) => (along - view.left) * view.scale;
  const y = (radius: number) => (view.top - radius) * view.scale;
  const said = corners[0]?.along ?? '';
  const step = STEP[said.includes('mm') ? 'METRIC' : /in|"/.test(said) ? 'INCH' : units];
  const snapped = (value: number) => Math.round(value / step) * step;
  const under = (event: PointerEvent): { along: number; radius: number } | undefined => {
    const matrix = sheet.current?.getScreenCTM()?.inverse();
    if (!matrix) return undefined;
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return { along: snapped(point.x / view.scale + view.left), radius: snapped(view.top - point.y / view.scale) };
  };
  const put = (corner: number, along: number, radius: number) =>
    onWrite(corners.map((one, i) => (i === corner ? moved(one, along, 2 * Math.max(step, radius)) : one)));
  const nudge = (event: KeyboardEvent, corner: number) => {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    const now = at[corner];
    if (!now) return;
    if (way) {
      put(corner, now.along + (way[0] ?? 0) * step, now.radius + (way[1] ?? 0) * step);
      event.preventDefault();
    } else if (event.key === 'Delete' && corners.length > 2) {
      onWrite(corners.filter((_, i) => i !== corner));
      event.preventDefault();
    }
  };
  const add = (event: PointerEvent) => {
    const point = under(event);
    if (!point) return;
    const before = at.filter((one) => one.along <= point.along).length;
    const like = corners[Math.max(0, before - 1)] ?? { along: '0', across: '0', arc: '' };
    const corner = { ...moved(like, point.along, 2 * Math.max(step, point.radius)), arc: '' };
    onWrite([...corners.slice(0, before), corner, ...corners.slice(before)]);
  };
  return (
    <svg
      ref={sheet}
      role="group"
      aria-label="The profile, drawn by its corners"
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      className="mb-1.5 w-full touch-none border border-line bg-paper-2"
      onPointerDown={add}
    >
      <path d={pathOf(at, x, y)} fill="none" stroke="currentColor" strokeWidth="1.5" className="pointer-events-none" />
      {at.map((one, i) => (
        <circle
          // A corner is known by its place: there is nothing else that stays while it is drawn.
          key={i}
          cx={x(one.along)}
          cy={y(one.radius)}
          r={held?.corner === i ? 7 : 5}
          strokeWidth="14"
          className="cursor-grab fill-accent stroke-transparent focus-visible:fill-ink"
          role="slider"
          tabIndex={0}
          aria-label={`Corner ${i + 1}: along ${corners[i]?.along}, diameter ${corners[i]?.across}`}
          aria-valuenow={one.along}
          aria-valuetext={`along ${corners[i]?.along}, diameter ${corners[i]?.across}`}
          onKeyDown={(event) => nudge(event, i)}
          onPointerDown={(event) => {
            event.stopPropagation();
            event.currentTarget.setPointerCapture(event.pointerId);
            setHeld({ corner: i, view });
          }}
          onPointerMove={(event) => {
            const point = held?.corner === i ? under(event) : undefined;
            if (point) put(i, point.along, point.radius);
          }}
          onPointerUp={() => setHeld(undefined)}
          onPointerCancel={() => setHeld(undefined)}
        />
      ))}
    </svg>
  );
}

function viewOf(at: Placed[]): View {
  const alongs = at.map((one) => one.along);
  const radii = at.map((one) => one.radius);
  const left = Math.min(...alongs);
  const low = Math.min(...radii);
  const wide = Math.max(...alongs) - left || 1;
  const high = Math.max(...radii) - low || wide / 3;
  const scale = Math.min(WIDE / (wide * (1 + 2 * BESIDE)), HIGH / (high * (1 + 4 * BESIDE)));
  return {
    left: left - (WIDE / scale - wide) / 2,
    top: low + high + (HIGH / scale - high) / 2,
    scale,
  };
}

/** Lines and arcs from corner to corner; an arc that bulges out bulges away from the axis. */
function pathOf(at: Placed[], x: (along: number) => number, y: (radius: number) => number): string {
  return at
    .map((one, i) => {
      const to = `${x(one.along)} ${y(one.radius)}`;
      if (i === 0) return `M ${to}`;
      const r = Math.abs(x(one.arc) - x(0));
      return one.arc === 0 ? `L ${to}` : `A ${r} ${r} 0 0 ${one.arc > 0 ? 1 : 0} ${to}`;
    })
    .join(' ');
}
