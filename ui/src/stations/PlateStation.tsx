import { useState } from 'react';
import { download, type Scene } from '../api/client';
import { useAnswer, useCut } from '../cut/CutContext';
import { Ledger } from '../ledger/Ledger';
import { Plate } from '../plate/Plate';

interface Props {
  station: 'CUT' | 'EDGE' | 'REACH';
  scenes: string[];
  keys: string[];
}

/** A station of one or more drawings with its ledger. */
export function PlateStation({ station, scenes, keys }: Props) {
  const { answer, stale } = useAnswer();
  const [picked, setPicked] = useState(scenes[0] ?? '');
  const drawn = scenes
    .map((id) => answer?.scenes.find((scene) => scene.id === id))
    .filter((scene): scene is Scene => scene !== undefined);
  const scene = drawn.find((one) => one.id === picked) ?? drawn[0];
  return (
    <div className="station">
      <div className="plate-side">
        {scene ? <Plate scene={scene} dimmed={stale} /> : <div className="plate plate-empty" />}
        <div className="plate-foot">
          {drawn.length > 1 && (
            <div className="views" role="group" aria-label="Drawings">
              {drawn.map((one) => (
                <button
                  type="button"
                  key={one.id}
                  aria-pressed={one.id === scene?.id}
                  className="view"
                  onClick={() => setPicked(one.id)}
                >
                  {one.title}
                </button>
              ))}
            </div>
          )}
          {scene && <Exports scene={scene.id} solid={scene.id === 'bit'} />}
        </div>
      </div>
      <Ledger station={station} keys={keys} />
    </div>
  );
}

/** What is drawn, as files in open formats. */
export function Exports({ scene, solid }: { scene: string; solid: boolean }) {
  const { fields, units } = useCut().draft;
  return (
    <div className="exports">
      <button
        type="button"
        className="quiet"
        onClick={() => void download(`/api/plan/drawing/${scene}`, `${scene}.svg`, { fields, units })}
      >
        Drawing as SVG
      </button>
      <button
        type="button"
        className="quiet"
        onClick={() => void download(`/api/plan/dxf/${scene}`, `${scene}.dxf`, { fields, units })}
      >
        DXF
      </button>
      {solid && (
        <button
          type="button"
          className="quiet"
          onClick={() => void download('/api/plan/solid', 'bit.stl', { fields, units })}
        >
          Solid as STL
        </button>
      )}
    </div>
  );
}
