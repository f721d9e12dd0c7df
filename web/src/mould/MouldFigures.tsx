import type { Schemas } from '../api/client';
import { withArticle } from '../kit/format';
import { money } from '../kit/style/money';
import { style } from '../kit/style/style';
import { area, density, length, mass, saidParts, volume } from '../kit/style/units';
import { FigureRow } from '../kit/Why';
import type { Mould } from '../server/useMoulds';
import { KIND_NAMES } from './words';
import { weightWords } from './words';

type Sum = Schemas['MouldCalcResponse'];

interface Props {
  mould: Mould;
  sum: Sum;
  offsetMm: number;
  /** What it is filled with. */
  mix: string;
}

/** The step of a ruler, by which the last of a fill is judged. */
const STEP_MM = { metric: 1, us: 25.4 / 16 };

/** Everything a maker reads off a mould, each with its why. */
export function MouldFigures({ mould, sum, offsetMm, mix }: Props) {
  const core = mould.shape.core;
  const cavityName = KIND_NAMES[mould.shape.cavity.kind];
  const by = sum.holdDownBy;
  return (
    <>
      <FigureRow
        {...saidParts(sum.capacityL, 'volume')}
        what="it holds"
        short={
          core
            ? `${withArticle(cavityName)} less ${withArticle(KIND_NAMES[core.kind])}`
            : withArticle(cavityName)
        }
      >
        Cavity {volume(sum.cavityL)} − cores under the rim {volume(sum.coreDisplacedL)} − inserts{' '}
        {volume(sum.insertsL)}, times {mould.shape.cavities}. Exact formulas of the solids. Other
        sizes, or a core lifted more, would change it.
      </FigureRow>
      <FigureRow
        {...saidParts(sum.freshMassKg, 'mass')}
        what={`wet, in ${mix}`}
        short={`× ${density(sum.freshDensityKgM3)}`}
      >
        {volume(sum.capacityL)} × {density(sum.freshDensityKgM3)}. The density is the recipe’s, by
        absolute volume (ACI 211.1); more air or water would lower it.
      </FigureRow>
      <FigureRow
        {...saidParts(sum.dryMassKg, 'mass')}
        what="dry"
        short={`keeps ${((100 * sum.dryMassKg) / sum.freshMassKg).toFixed(1)} %`}
      >
        Wet mass × {(sum.dryMassKg / sum.freshMassKg).toFixed(3)}: water leaves as it dries (common
        practice until this shop’s own pieces say better).
      </FigureRow>
      {sum.thinnestWallMm !== undefined && (
        <FigureRow
          {...saidParts(sum.thinnestWallMm, 'length')}
          what={`thinnest wall, least wanted ${length(mould.leastWallMm)}`}
          short={`${length(sum.thinnestAtMm ?? 0)} up`}
          alarm={!sum.wallOk}
        >
          {length(sum.nominalWallMm ?? 0)} at its narrowest − {length(offsetMm)} off centre. It
          keeps {length(mould.leastWallMm)} up to {length(sum.allowedOffsetMm ?? 0)} off centre.
          Measured level; least walls are common practice. Base {length(sum.baseMm ?? 0)}.
        </FigureRow>
      )}
      {sum.holdDownKg > 0 && by && (
        <FigureRow
          {...saidParts(sum.holdDownWithMarginKg, 'mass')}
          what={`on each core, or it floats: ${weightWords(by)}`}
          short="Archimedes"
        >
          {density(sum.freshDensityKgM3)} × {volume(sum.coreDisplacedL)} − the core’s own{' '}
          {mass(mould.coreMassKg)} = {mass(sum.holdDownKg)}, and a fifth more to be safe. A denser
          mix lifts harder.
        </FigureRow>
      )}
      {sum.castSurfaceM2 !== undefined && (
        <FigureRow
          {...saidParts(sum.castSurfaceM2, 'area')}
          what={`to seal: ${area(sum.outsideM2 ?? 0)} outside${
            (sum.insideM2 ?? 0) > 0 ? `, ${area(sum.insideM2 ?? 0)} inside` : ''
          }`}
          short="all faces"
        >
          Floor, sides, rim, and the cores’ faces; inserts are not counted.
        </FigureRow>
      )}
      {sum.fillPerMmKg !== undefined && (
        <FigureRow
          {...saidParts(sum.fillPerMmKg * STEP_MM[style().units], 'mass')}
          what={`for the last ${length(STEP_MM[style().units])} under the rim`}
          short="open area × density"
        >
          The opening’s area times the mix’s density.
        </FigureRow>
      )}
      {sum.largestGrainMm !== undefined && (
        <FigureRow
          {...saidParts(sum.largestGrainMm, 'length')}
          what="largest grain that fits"
          short="gap ÷ 5"
        >
          A fifth of the narrowest gap, wall or base (ACI 318). A larger stone leaves voids.
        </FigureRow>
      )}
      {sum.parts.map((part) => (
        <FigureRow
          key={part.name}
          {...saidParts(part.freshMassKg, 'mass')}
          what={`${part.name}${part.levelMm === undefined ? '' : `, up to ${length(part.levelMm)}`}`}
          short={`${((100 * part.volumeL) / sum.capacityL).toFixed(0)} %`}
        >
          {volume(part.volumeL)}, its share of the capacity; the level is where that volume ends in
          this shape.
        </FigureRow>
      ))}
      {mould.wearPerCast !== undefined && (
        <FigureRow
          value={money(mould.wearPerCast)}
          unit=""
          what="mould wear per cast"
          short={`${Math.round(mould.expected.casts)} casts`}
        >
          Price {money(mould.price ?? 0)} ÷ {Math.round(mould.expected.casts)} casts,{' '}
          {mould.expected.own
            ? `what ${mould.expected.wornCopies} worn copies of this kind lasted here`
            : 'common practice for its kind until three copies of it have worn out here'}
          .
        </FigureRow>
      )}
    </>
  );
}
