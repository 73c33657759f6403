import type { ComponentType } from 'react';
import type { Panel } from '../api/client';
import { ForKeepers } from '../people/ForKeepers';
import { HeightTool } from './HeightTool';
import { KeepGrind } from './KeepGrind';
import { ProfileTable } from './ProfileTable';
import { SetUps } from './SetUps';
import { PushTest, ToolTests } from './ToolTests';

/** Parts that are drawn by hand. The compiler holds this list against the API's. */
const PANELS: Record<Panel, ComponentType> = {
  HEIGHT: HeightTool,
  SET_UPS: SetUps,
  TOOL_TESTS: ToolTests,
  PUSH_TEST: PushTest,
  PROFILE: ProfileTable,
  KEEP_GRIND: () => (
    <ForKeepers>
      <KeepGrind />
    </ForKeepers>
  ),
};

/** The parts of these names. */
export function Panels({ names }: { names: Panel[] }) {
  return names.map((name) => {
    const Part = PANELS[name];
    return <Part key={name} />;
  });
}
