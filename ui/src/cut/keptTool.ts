import type { Texts } from '../api/client';
import type { CutAnswer } from './CutContext';

/** What a bit brings to any cut. */
const BIT = ['blank', 'backRake', 'sideRake', 'endRelief', 'sideRelief', 'endEdge', 'sideEdge', 'noseRadius'];

/** What a bar brings to any hole. */
const BAR = [
  'barDiameter',
  'barLength',
  'barMaterial',
  'neckDiameter',
  'neckLength',
  'rodHole',
  'boreBit',
  'bitAngle',
  'boreBackRake',
  'boreSideRake',
  'boreRelief',
  'boreSideRelief',
  'boreEndEdge',
  'boreSideEdge',
  'boreNose',
  'flankDepth',
];
/** What a blade brings to any cut. */
const BLADE = ['blade', 'bladeWidth', 'tipLead', 'partRake', 'tipTop', 'partRelief', 'partSide'];

/** What a built holder is: the lathe and the blade that it fits, and how it was made. */
const HOLDER = [
  'partHolder',
  'lathe',
  'blade',
  'partPost',
  'postBolts',
  'postBolt',
  'boltAt',
  'blockWidth',
  'blockLength',
  'blockJaw',
  'hinge',
  'slitSaw',
  'slotRoom',
  'tabLength',
  'clampPlate',
  'pullIn',
  'clampScrew',
];
/** Of a holder only what was made is kept as made. */
const MADE = ['madeFloor', 'madeSlot', 'madeHinge', 'madeTab', 'partPostStiffness'];

/** Measured on the bar as it was held: kept only when it was measured. */
const MEASURED = ['tipStiffness', 'damping', 'ringHz', 'barOverhang'];
const PICKED = ['blank', 'boreBit', 'barMaterial', 'blade', 'tipTop', 'partHolder', 'lathe', 'partPost', 'postBolts'];

/** What is kept of a cut: the tool, or what was built to hold it. */
export type What = 'tool' | 'holder';

/** The tool as it stands, every value written out: what is kept must not change when the advice does. */
export function toolOf({ fields }: CutAnswer, what: What): Texts {
  const tool: Texts = {};
  const bar = fields.has('barDiameter');
  const parting = fields.has('blade');
  for (const id of parting ? (what === 'holder' ? HOLDER : BLADE) : bar ? BAR : BIT) {
    const state = fields.get(id);
    if (state) tool[id] = PICKED.includes(id) ? state.typed : state.spelled || state.text;
  }
  if (parting && what === 'holder') {
    for (const id of MADE) {
      const state = fields.get(id);
      if (state && !state.chosen) tool[id] = state.spelled || state.text;
    }
  }
  const cost = fields.get('bladeCost');
  if (parting && what === 'tool' && cost && !cost.chosen) tool.bladeCost = cost.text;
  if (bar && fields.get('tipStiffness')?.chosen === false) {
    for (const id of MEASURED) {
      const state = fields.get(id);
      if (state && (!state.chosen || id === 'barOverhang')) tool[id] = state.spelled || state.text;
    }
  }
  return tool;
}
