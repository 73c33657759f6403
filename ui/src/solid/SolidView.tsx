import { useEffect, useRef, useState } from 'react';
import { sentenceOf, solidOf, type Texts, type Units } from '../api/client';
import { type Shown, show } from './scene3d';

const STEP = Math.PI / 24;
const TURNS: Record<string, [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};

/** What is made, in three dimensions: turned by dragging or the arrow keys, cut open by a slider. */
export default function SolidView({ fields, units }: { fields: Texts; units: Units }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const shown = useRef<Shown>(undefined);
  const [trouble, setTrouble] = useState('');
  const [share, setShare] = useState(1);
  useEffect(() => {
    let gone = false;
    solidOf({ fields, units })
      .then((stl) => {
        if (gone || !canvas.current) return;
        shown.current = show(canvas.current, stl);
      })
      .catch((error: unknown) => {
        if (gone) return;
        setTrouble(
          error instanceof Error && error.message.includes('WebGL')
            ? 'This browser does not draw in three dimensions here. The plate behind shows the same from four sides.'
            : sentenceOf(error),
        );
      });
    const resize = () => shown.current?.resize();
    window.addEventListener('resize', resize);
    return () => {
      gone = true;
      window.removeEventListener('resize', resize);
      shown.current?.leave();
      shown.current = undefined;
    };
  }, [fields, units]);
  if (trouble) return <p role="alert">{trouble}</p>;
  return (
    <div className="flex flex-col gap-3">
      <canvas
        ref={canvas}
        tabIndex={0}
        aria-label="The solid: drag it or press the arrow keys to turn it, the wheel or + and − to come nearer"
        className="solid [--solid:#7fa6d6] block h-[52vh] w-full touch-none rounded bg-plate"
        onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
        onPointerMove={(event) => {
          if (event.buttons > 0) shown.current?.turn(event.movementX / 120, event.movementY / 120);
        }}
        onWheel={(event) => shown.current?.nearer(Math.exp(-event.deltaY / 500))}
        onKeyDown={(event) => {
          if (event.key === '+' || event.key === '-') shown.current?.nearer(event.key === '+' ? 1.25 : 0.8);
          const turn = TURNS[event.key];
          if (!turn) return;
          event.preventDefault();
          shown.current?.turn(...turn);
        }}
      />
      <label className="flex items-center gap-3">
        Cut open
        <input
          type="range"
          className="min-h-touch flex-1"
          min={0.02}
          max={1}
          step={0.01}
          value={share}
          onChange={(event) => {
            setShare(Number(event.target.value));
            shown.current?.cut(Number(event.target.value));
          }}
        />
      </label>
    </div>
  );
}
