import { memo, useState } from 'react';
import { download, type Scene } from '../api/client';
import { fileName } from '../api/fileName';
import { ChoiceInput } from '../cut/ChoiceInput';
import { useAnswer, useDraftThen, useOfAnswer } from '../cut/CutContext';
import { ValueInput } from '../cut/ValueInput';
import { QUIET, STATION, VIEW } from '../frame/looks';
import { Ledger } from '../ledger/Ledger';
import { Plate } from '../plate/Plate';
import { SolidDialog } from '../solid/SolidDialog';
import { Panels } from './Panels';
import { Swatches } from './Swatches';

/** A station of one or more drawings with its ledger. */
export function PlateStation({ station }: { station: 'CUT' | 'EDGE' | 'REACH' }) {
  const { answer, stale, late, page } = useAnswer();
  const [picked, setPicked] = useState('');
  const shown = page?.stations.find((one) => one.station === station);
  const scenes = shown?.scenes ?? [];
  const drawn = scenes
    .map((id) => answer?.scenes.find((scene) => scene.id === id))
    .filter((scene): scene is Scene => scene !== undefined);
  const scene = drawn.find((one) => one.id === picked) ?? drawn[0];
  return (
    <div className={STATION}>
      <div className="min-w-0 max-hand:overflow-x-auto">
        {scene ? <Plate scene={scene} dimmed={stale || late} /> : <div className="plate plate-empty" />}
        <div
          className={`flex flex-wrap pt-1.5 ${shown && shown.settings.length > 0 ? 'items-end justify-start gap-5' : 'items-center justify-between gap-3'}`}
        >
          {drawn.length > 1 && (
            <div className="views flex flex-wrap" role="group" aria-label="Drawings">
              {drawn.map((one) => (
                <button
                  type="button"
                  key={one.id}
                  aria-pressed={one.id === scene?.id}
                  className={VIEW}
                  onClick={() => setPicked(one.id)}
                >
                  {one.title}
                </button>
              ))}
            </div>
          )}
          {shown?.picks.map((field) => (
            <ChoiceInput key={field} field={field} />
          ))}
          {shown?.settings.map((field) => (
            <ValueInput key={field} field={field} caption place="sentence" />
          ))}
          {scene && <Exports scene={scene.id} />}
        </div>
        <Swatches colours={shown?.swatches ?? []} />
      </div>
      <Ledger station={station} keys={shown?.keys ?? []}>
        <Panels names={shown?.panels ?? []} />
      </Ledger>
    </div>
  );
}

/** What is drawn, as files in open formats. */
export const Exports = memo(function Exports({ scene }: { scene: string }) {
  const solid = useOfAnswer((plan) => plan.page?.solid === scene);
  const draft = useDraftThen();
  const save = (path: string, form: string) => {
    const { name, fields, units } = draft.now;
    void download(path, fileName(name, scene, form), { fields, units });
  };
  return (
    <div className="flex-wrap">
      {solid && <SolidDialog />}
      <button type="button" className={QUIET} onClick={() => save(`/api/plan/drawing/${scene}`, 'svg')}>
        Drawing as SVG
      </button>
      <button type="button" className={QUIET} onClick={() => save(`/api/plan/dxf/${scene}`, 'dxf')}>
        DXF
      </button>
      {solid && (
        <>
          <button type="button" className={QUIET} onClick={() => save('/api/plan/solid', 'stl')}>
            Solid as STL
          </button>
          <button type="button" className={QUIET} onClick={() => save('/api/plan/solid/3mf', '3mf')}>
            3MF
          </button>
        </>
      )}
    </div>
  );
});
