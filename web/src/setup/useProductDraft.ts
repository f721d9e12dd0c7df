import { useState } from 'react';
import { amount } from '../kit/format';
import { useQuantities } from '../kit/useQuantities';
import { bodyOf, FRESH, type ProductDraft, typical } from './draft';
import { usePreview, useShapes } from '../server/useSetUp';
import type { Dimension } from '../kit/quantity';

const KEPT = 'ironshelf.first-product';

function kept(): ProductDraft {
  try {
    const text = sessionStorage.getItem(KEPT);
    return text ? { ...FRESH, ...(JSON.parse(text) as Partial<ProductDraft>) } : FRESH;
  } catch {
    return FRESH;
  }
}

/** The product as it is being described, kept while this window is open, and what it comes to. */
export function useProductDraft() {
  const [draft, setDraft] = useState(kept);
  const { data: shapes } = useShapes();
  const shape = shapes?.find((s) => s.code === draft.shape);
  const change = (part: Partial<ProductDraft>) => {
    const next = { ...draft, ...part };
    setDraft(next);
    sessionStorage.setItem(KEPT, JSON.stringify(next));
  };
  const measures = shape?.measures ?? [];
  const [targetKg, hardwareKg, ...values] = useQuantities([
    { text: draft.target, dimension: 'mass' },
    { text: draft.hardware, dimension: 'mass' },
    ...measures.map((m) => ({
      text: draft.texts[m.name] ?? typical(m),
      dimension: m.dimension as Dimension,
    })),
  ]);
  const body = bodyOf(draft, shape, {
    measures: Object.fromEntries(measures.map((m, i) => [m.name, values[i]])),
    targetKg,
    hardwareKg,
    price: amount(draft.price),
    copies: amount(draft.copies),
    shares: draft.colours.map((c) => amount(c.share)),
  });
  const preview = usePreview(body);
  const forget = () => {
    sessionStorage.removeItem(KEPT);
    setDraft(FRESH);
  };
  return { draft, change, shapes, shape, body, preview, forget };
}

export type Answers = ReturnType<typeof useProductDraft>;
