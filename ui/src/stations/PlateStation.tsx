import { useState } from 'react';
import { type Choices, download, type Scene } from '../api/client';
import { ChoiceInput } from '../cut/ChoiceInput';
import { useAnswer, useCut } from '../cut/CutContext';
import { Ledger } from '../ledger/Ledger';
import { Plate } from '../plate/Plate';
import { HeightTool } from './HeightTool';

interface Props {
  station: 'CUT' | 'EDGE' | 'REACH';
  scenes: string[];
  keys: string[];
  /** Whether the point's height can be worked out here from what was measured. */
  height?: boolean;
}

/** What is picked at a station beside its drawing rather than in the sentence. */
const PICKS: Record<Props['station'], [string, keyof Choices][]> = {
  CUT: [],
  EDGE: [['tipTop', 'tops']],
  REACH: [['postBolts', 'bolts']],
};

/** A station of one or more drawings with its ledger. */
export function PlateStation({ station, scenes, keys, height = false }: Props) {
  const { answer, stale } = useAnswer();
  const { choices } = useCut();
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
          {PICKS[station].map(([field, of]) => (
            <ChoiceInput key={field} field={field} choices={choices[of]} />
          ))}
          {scene && <Exports scene={scene.id} solid={scene.id === 'bit'} />}
        </div>
      </div>
      <Ledger station={station} keys={keys}>
        {height && <HeightTool />}
      </Ledger>
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
