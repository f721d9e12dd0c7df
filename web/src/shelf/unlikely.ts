import { counted } from '../kit/format';
import { entry } from '../kit/style/entry';
import { mass } from '../kit/style/units';
import { useMould } from '../server/useMoulds';
import { useProducts } from '../server/useProducts';
import type { Group } from '../server/useShelf';

/** What is left of the wet mass in a dry piece (common practice). */
const RETENTION = 0.967;

/** Further off than this a typed mass is asked back: a unit is wrong, or a figure too many. */
const OFF = 2.5;

/** What a piece of a group weighs, by its mould and its mix; none while it is not known. */
export function useUsualMass(group: Group): number | undefined {
  const { data: mould } = useMould(String(group.mouldId));
  const { data: products } = useProducts();
  const page = products?.find((p) => p.product.id === group.productId);
  const target = page?.product.target?.massKg;
  if (target !== undefined) {
    return target;
  }
  return mould && page
    ? ((mould.capacityL / mould.shape.cavities) * page.freshDensityKgM3 * RETENTION) / 1000
    : undefined;
}

/** The question that an unlikely mass raises; none where it may well be. */
export function doubt(
  massKg: number | undefined,
  usualKg: number | undefined,
  product: string,
): string | undefined {
  if (massKg === undefined || usualKg === undefined || massKg <= 0) {
    return undefined;
  }
  const times = massKg / usualKg;
  return times > OFF || times < 1 / OFF
    ? `${entry(massKg, 'mass')}? ${counted(1, product)} of this mould weighs about ${mass(usualKg)}. Press again if it is so.`
    : undefined;
}
