import { Text } from '@chakra-ui/react';
import { counted } from '../kit/format';
import { mass } from '../kit/style/units';
import { useProducts } from '../server/useProducts';
import { useStock } from '../server/useStock';
import type { RouteStep } from '../server/useRoute';
import type { StepKind } from '../server/useStepKinds';

/** What a route's steps take besides a person's time: pieces of other products, mix, material. */
export function Takes({ steps, kinds }: { steps: RouteStep[]; kinds: StepKind[] }) {
  const { data: products } = useProducts();
  const { data: stock } = useStock();
  const nameOf = (id: number) => products?.find((p) => p.product.id === id)?.product.name ?? '…';
  const materialOf = (id: number) =>
    stock?.find((s) => s.material.id === id)?.material.name ?? 'material';
  return (
    <>
      {steps.map((step, no) => {
        const takes = [
          ...(step.parts ?? []).map((p) => counted(p.quantity, nameOf(p.productId))),
          ...(step.mixKg ? [`${mass(step.mixKg)} of mix`] : []),
          ...(step.materials ?? []).map((m) => `${mass(m.massKg)} of ${materialOf(m.materialId)}`),
        ];
        return takes.length === 0 ? null : (
          <Text key={no} fontWeight={600}>
            Step {no + 1}, {kinds.find((k) => k.code === step.step)?.todo ?? step.step}, takes{' '}
            {takes.join(', ')}.
          </Text>
        );
      })}
    </>
  );
}
