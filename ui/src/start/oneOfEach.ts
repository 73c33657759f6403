import type { Family, ListedCut } from '../api/client';

/** Cuts of as many kinds as there are, in the order of the families: the one of each that was saved last. */
export function oneOfEach(cuts: readonly ListedCut[], families: readonly Family[], most: number): ListedCut[] {
  const usual = families[0]?.operations[0]?.id;
  return families
    .flatMap((family) => {
      const first = cuts.find((cut) =>
        family.operations.some((operation) => operation.id === (cut.fields.operation ?? usual)),
      );
      return first ? [first] : [];
    })
    .slice(0, most);
}
