import type { Schemas } from '../api/client';
import { figure } from '../kit/format';
import { FigureRow } from '../kit/Why';
import type { Mould } from './useMoulds';

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
  return (
    <>
      <FigureRow
        value={sum.capacityL.toFixed(3)}
        unit="L"
        what="it holds"
        short={
          core ? `a ${mould.shape.cavity.kind} less a ${core.kind}` : `a ${mould.shape.cavity.kind}`
        }
      >
        Cavity {sum.cavityL.toFixed(4)} L − core under the rim {sum.coreDisplacedL.toFixed(4)} L −
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
      {sum.thinnestWallMm !== undefined && (
        <>
          <FigureRow
            value={sum.thinnestWallMm.toFixed(1)}
            unit="mm"
            what={`thinnest wall, least wanted ${mould.leastWallMm}`}
            short={`${Math.round(sum.thinnestAtMm ?? 0)} mm up`}
            alarm={!sum.wallOk}
          >
            {sum.nominalWallMm?.toFixed(1)} mm at its narrowest − {offsetMm.toFixed(1)} mm off
            centre. It keeps {mould.leastWallMm} mm up to {sum.allowedOffsetMm?.toFixed(1)} mm off
            centre. Measured level; least walls are common practice.
          </FigureRow>
          <FigureRow
            value={figure(sum.holdDownWithMarginKg)}
            unit="kg"
            what="on each core, or it floats"
            short="Archimedes"
          >
            {mix.densityKgM3.toFixed(0)} kg/m³ × {sum.coreDisplacedL.toFixed(4)} L − the core’s own{' '}
            {mould.coreMassKg} kg = {sum.holdDownKg.toFixed(2)} kg, and a fifth more to be safe. A
            denser mix lifts harder.
          </FigureRow>
        </>
      )}
      <FigureRow
        value={sum.castSurfaceM2.toFixed(3)}
        unit="m²"
        what="of face, in and out"
        short="to seal"
      >
        Floor, sides, rim, and the core’s faces; inserts are not counted.
      </FigureRow>
      <FigureRow
        value={figure(sum.fillPerMmKg * 1000)}
        unit="g"
        what="for the last millimetre under the rim"
        short="open area × density"
      >
        The opening’s area times the mix’s density.
      </FigureRow>
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
    </>
  );
}
