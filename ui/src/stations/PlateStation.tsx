import { useState } from 'react';
import { download, type Scene } from '../api/client';
import { useCut } from '../cut/CutContext';
import { Ledger } from '../ledger/Ledger';
import { Plate } from '../plate/Plate';

interface Props {
  station: 'CUT' | 'EDGE' | 'REACH';
  scenes: string[];
  keys: string[];
}

/** A station of one or more drawings with its ledger. */
export function PlateStation({ station, scenes, keys }: Props) {
  const { answer, stale, draft } = useCut();
  const [picked, setPicked] = useState(scenes[0] ?? '');
  const drawn = scenes
    .map((id) => answer?.scenes.find((scene) => scene.id === id))
    .filter((scene): scene is Scene => scene !== undefined);
  const scene = drawn.find((one) => one.id === picked) ?? drawn[0];
  const question = { fields: draft.fields, units: draft.units };
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
          <div className="exports">
            {scene && (
              <button
                type="button"
                className="quiet"
                onClick={() => void download(`/api/plan/drawing/${scene.id}`, `${scene.id}.svg`, question)}
              >
                Drawing as SVG
              </button>
            )}
            {station === 'EDGE' && (
              <button
                type="button"
                className="quiet"
                onClick={() => void download('/api/plan/solid', 'bit.stl', question)}
              >
                Solid as STL
              </button>
            )}
          </div>
        </div>
      </div>
      <Ledger station={station} keys={keys} />
    </div>
  );
}
