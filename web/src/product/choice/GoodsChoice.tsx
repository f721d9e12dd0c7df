import { Choice } from '../../kit/Choice';
import { useProducts } from '../../server/useProducts';

interface Props {
  label: string;
  /** The product and the colourway by their numbers, as `4-2`. */
  value: string;
  onValue: (value: string) => void;
  problem?: string | undefined;
}

/** A product in one of its colourways. */
export function GoodsChoice({ label, value, onValue, problem }: Props) {
  const { data } = useProducts();
  const options = (data ?? []).flatMap(({ product, colourways }) =>
    colourways.map(
      (c) =>
        [
          `${product.id}-${c.id}`,
          // Where every layer has its own colour there is none to choose.
          product.layers.every((l) => l.colourwayId !== undefined)
            ? product.name
            : `${product.name}, ${c.name}`,
        ] as const,
    ),
  );
  return (
    <Choice
      label={label}
      value={value}
      options={[['', 'choose'] as const, ...options]}
      onValue={onValue}
      problem={problem}
    />
  );
}
