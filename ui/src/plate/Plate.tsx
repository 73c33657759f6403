import { memo, type ReactNode } from 'react';
import type { Scene } from '../api/client';
import { ValueInput } from '../cut/ValueInput';
import { DO } from '../frame/looks';
import { ScaleNote } from './ScaleNote';
import { onPaper } from './scale';
import { useTwoFingers } from './useTwoFingers';

interface Props {
  scene: Scene;
  dimmed?: boolean;
  /** Without inputs: dimensions are plain words, for a card. */
  still?: boolean;
  /** What is typed of a field, where that is no value of a cut. */
  input?: (field: string, name: string) => ReactNode;
}

const ANCHOR = { START: 'start', MIDDLE: 'middle', END: 'end' } as const;

/** A drawing scribed on a blued plate. Dimensions that are inputs stand on it as inputs. */
export const Plate = memo(function Plate({ scene, dimmed = false, still = false, input }: Props) {
  const y = (at: number) => scene.bottom + scene.height - at;
  const { zoom, whole, handlers } = useTwoFingers();
  return (
    <figure
      className={`plate touch-pan-y ${dimmed ? 'plate-dimmed' : ''}`}
      aria-label={scene.title}
      data-scene={scene.id}
      style={input ? { aspectRatio: `${scene.width} / ${scene.height}`, maxWidth: 'none' } : undefined}
      {...handlers}
    >
      <div
        className="absolute inset-0 origin-top-left"
        style={zoom.scale > 1 ? { transform: `translate(${zoom.x}px, ${zoom.y}px) scale(${zoom.scale})` } : undefined}
      >
        <svg
          viewBox={`0 0 ${scene.width} ${scene.height}`}
          role="img"
          aria-label={`${scene.title}. ${onPaper(scene.scaleNote)}`}
        >
          {/* On the plate y is up. */}
          <g transform={`translate(${-scene.left} ${scene.bottom + scene.height}) scale(1 -1)`}>
            {scene.strokes.map(({ role, path, closed }, i) => (
              <path
                key={i}
                className={`s-${role.toLowerCase().replace('_', '-')}${closed ? ' s-closed' : ''}`}
                d={path}
              />
            ))}
          </g>
          {scene.labels
            .filter((label) => label.text !== '' && (still || label.field === ''))
            .map((label, i) => (
              <text
                key={i}
                x={label.at.x - scene.left}
                y={y(label.at.y)}
                textAnchor={ANCHOR[label.anchor]}
                className={`t-${label.role.toLowerCase()}`}
              >
                {label.name && (
                  <tspan x={label.at.x - scene.left} dy="-2.4" className="t-name">
                    {label.name}
                  </tspan>
                )}
                <tspan x={label.at.x - scene.left} dy={label.name ? '2.4' : undefined}>
                  {label.text}
                </tspan>
              </text>
            ))}
        </svg>
        {!still &&
          scene.labels
            .filter((label) => label.field !== '')
            .map((label) => (
              <span
                key={label.field}
                className={`plate-at plate-${label.anchor.toLowerCase()}`}
                style={{
                  left: `${((label.at.x - scene.left) / scene.width) * 100}%`,
                  top: `${(y(label.at.y) / scene.height) * 100}%`,
                }}
              >
                {input ? input(label.field, label.name) : <ValueInput field={label.field} caption place="plate" />}
              </span>
            ))}
      </div>
      {zoom.scale > 1 && (
        <button
          type="button"
          className={`${DO} absolute! bottom-2 left-2`}
          onClick={whole}
          onTouchEnd={(event) => {
            // A tap right after two fingers is not always followed by a click; its own end is what is waited for.
            event.preventDefault();
            whole();
          }}
        >
          Whole plate
        </button>
      )}
      <ScaleNote note={scene.scaleNote} plateMm={scene.width} zoom={zoom.scale} />
    </figure>
  );
});
