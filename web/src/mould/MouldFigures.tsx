import type { Schemas } from '../api/client';
import { figure, withArticle } from '../kit/format';
import { FigureRow } from '../kit/Why';
import type { Mould } from './useMoulds';
import { KIND_NAMES } from './words';

type Sum = Schemas['MouldCalcResponse'];

interface Props {
  mould: Mould;
  sum: Sum;
  offsetMm: number;
  mix: { name: string; densityKgM3: number };
}

/** Everything a maker reads off a mould, each with its why. */
export function MouldFigures({ mould, sum, offsetMm, mix }: Props) {
  const core = mould.shape.core;
  const cavityName = KIND_NAMES[mould.shape.cavity.kind];
  const by = sum.holdDownBy;
  return (
    <>
      <FigureRow
        value={sum.capacityL.toFixed(3)}
        unit="L"
        what="it holds"
        short={
          core
            ? `${withArticle(cavityName)} less ${withArticle(KIND_NAMES[core.kind])}`
            : withArticle(cavityName)
        }
      >
        Cavity {sum.cavityL.toFixed(4)} L − cores under the rim {sum.coreDisplacedL.toFixed(4)} L −
        inserts {sum.insertsL.toFixed(4)} L, times {mould.shape.cavities}. Exact formulas of the
        solids. Other sizes, or a core lifted more, would change it.
      </FigureRow>
      <FigureRow
        value={figure(sum.freshMassKg)}
        unit="kg"
        what={`wet, in ${mix.name}`}
        short={`× ${Math.round(mix.densityKgM3)} kg/m³`}
      >
        {sum.capacityL.toFixed(4)} L × {mix.densityKgM3.toFixed(0)} kg/m³. The density is the
        recipe’s, by absolute volume (ACI 211.1); more air or water would lower it.
      </FigureRow>
      <FigureRow
        value={figure(sum.dryMassKg)}
        unit="kg"
        what="dry"
        short={`keeps ${((100 * sum.dryMassKg) / sum.freshMassKg).toFixed(1)} %`}
      >
        Wet mass × {(sum.dryMassKg / sum.freshMassKg).toFixed(3)}: water leaves as it dries (common
        practice until this shop’s own pieces say better).
      </FigureRow>
      {sum.thinnestWallMm !== undefined && (
        <FigureRow
          value={sum.thinnestWallMm.toFixed(1)}
          unit="mm"
          what={`thinnest wall, least wanted ${mould.leastWallMm}`}
          short={`${Math.round(sum.thinnestAtMm ?? 0)} mm up`}
          alarm={!sum.wallOk}
        >
          {sum.nominalWallMm?.toFixed(1)} mm at its narrowest − {offsetMm.toFixed(1)} mm off centre.
          It keeps {mould.leastWallMm} mm up to {sum.allowedOffsetMm?.toFixed(1)} mm off centre.
          Measured level; least walls are common practice. Base {figure(sum.baseMm ?? 0)} mm.
        </FigureRow>
      )}
      {sum.holdDownKg > 0 && by && (
        <FigureRow
          value={figure(sum.holdDownWithMarginKg)}
          unit="kg"
          what={`on each core, or it floats: ${by.count > 1 ? `${by.count} × ` : 'a '}${by.name}`}
          short="Archimedes"
        >
          {mix.densityKgM3.toFixed(0)} kg/m³ × {sum.coreDisplacedL.toFixed(4)} L − the core’s own{' '}
          {mould.coreMassKg} kg = {sum.holdDownKg.toFixed(2)} kg, and a fifth more to be safe. A
          denser mix lifts harder.
        </FigureRow>
      )}
      {sum.castSurfaceM2 !== undefined && (
        <FigureRow
          value={sum.castSurfaceM2.toFixed(3)}
          unit="m²"
          what={`to seal: ${(sum.outsideM2 ?? 0).toFixed(3)} outside${
            (sum.insideM2 ?? 0) > 0 ? `, ${(sum.insideM2 ?? 0).toFixed(3)} inside` : ''
          }`}
          short="all faces"
        >
          Floor, sides, rim, and the cores’ faces; inserts are not counted.
        </FigureRow>
      )}
      {sum.fillPerMmKg !== undefined && (
        <FigureRow
          value={figure(sum.fillPerMmKg * 1000)}
          unit="g"
          what="for the last millimetre under the rim"
          short="open area × density"
        >
          The opening’s area times the mix’s density.
        </FigureRow>
      )}
      {sum.largestGrainMm !== undefined && (
        <FigureRow
          value={sum.largestGrainMm.toFixed(1)}
          unit="mm"
          what="largest grain that fits"
          short="gap ÷ 5"
        >
          A fifth of the narrowest gap, wall or base (ACI 318). A larger stone leaves voids.
        </FigureRow>
      )}
      {sum.parts.map((part) => (
        <FigureRow
          key={part.name}
          value={figure(part.freshMassKg)}
          unit="kg"
          what={`${part.name}${part.levelMm === undefined ? '' : `, up to ${part.levelMm.toFixed(0)} mm`}`}
          short={`${((100 * part.volumeL) / sum.capacityL).toFixed(0)} %`}
        >
          {part.volumeL.toFixed(3)} L, its share of the capacity; the level is where that volume
          ends in this shape.
        </FigureRow>
      ))}
      {mould.wearPerCast !== undefined && (
        <FigureRow
          value={Number(mould.wearPerCast).toFixed(2)}
          unit=""
          what="mould wear per cast"
          short={`${Math.round(mould.expected.casts)} casts`}
        >
          Price {Number(mould.price).toFixed(2)} ÷ {Math.round(mould.expected.casts)} casts,{' '}
          {mould.expected.own
            ? `what ${mould.expected.wornCopies} worn copies of this kind lasted here`
            : 'common practice for its kind until three copies of it have worn out here'}
          .
        </FigureRow>
      )}
    </>
  );
}
