import type { Schemas } from '../api/client';
import { FigureRow } from '../kit/Why';

/** A copy's bad casts against its siblings', and whether that may be called more than chance. */
export function Defects({ defects }: { defects: Schemas['DefectTest'] }) {
  return (
    <FigureRow
      value={defects.perHundred.toFixed(0)}
      unit="in 100"
      what={
        defects.worse
          ? `bad casts, its siblings ${defects.siblingsPerHundred.toFixed(0)}: worse than chance explains`
          : `bad casts, its siblings ${defects.siblingsPerHundred.toFixed(0)}: no more than chance`
      }
      short="Fisher’s exact test"
      alarm={defects.worse}
    >
      If it were like its siblings, so many bad casts or more would come {percent(defects.chance)}{' '}
      of the time. It is called worse only under 5 %, shared out over all copies that are compared.
      More casts would make it surer; the test does not say why.
    </FigureRow>
  );
}

function percent(chance: number): string {
  return `${(100 * chance).toFixed(chance < 0.01 ? 2 : 0)} %`;
}
