import { useQuery } from '@tanstack/react-query';
import { api, given, type PlanAnswer, type Scene, type Schemas, type ToolKind, type ToolRecord } from '../api/client';

export interface DrawnTool {
  /** What the drawing was asked with. */
  question: Schemas['PlanQuestion'];
  scene: Scene | undefined;
  /** Whether the drawing is of a solid. */
  solid: boolean;
  /** The figure that tells most of this kind of tool. */
  figure: PlanAnswer['figures'][number] | undefined;
}

/** A tool of the crib drawn on a machine of the shop, at its kind's sample of a cut. */
export function useDrawnTool(
  tool: ToolRecord | undefined,
  kind: ToolKind | undefined,
  machine: string | undefined,
): DrawnTool {
  const question: Schemas['PlanQuestion'] = {
    fields: { lathe: machine ?? '', ...tool?.fields, ...kind?.sample },
    units: tool?.units ?? 'METRIC',
  };
  const drawn = useQuery({
    queryKey: ['tool-drawing', tool, machine, kind?.id],
    queryFn: () => given(api.POST('/api/plan', { body: question })),
    enabled: tool !== undefined && machine !== undefined && kind !== undefined,
  });
  const scene = drawn.data?.scenes.find((one) => one.id === kind?.drawing);
  // Some figures tell nothing of the thing itself while its card leaves open what they rest on.
  const known = kind?.figure && tool?.fields[kind.figureNeeds];
  return {
    question,
    scene,
    solid: scene !== undefined && drawn.data?.page.solid === scene.id,
    figure: known ? drawn.data?.figures.find((one) => one.id === kind.figure) : undefined,
  };
}
