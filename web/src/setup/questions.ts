import type { Schemas } from '../api/client';
import { plural } from '../kit/format';
import type { Question } from './SetUpFrame';
import { hoursWords, type ShopDraft } from './shop';
import type { Answers } from './useProductDraft';

/** The questions about the shop, in order. */
export const SHOP_STEPS = [
  { step: 'name', name: 'Your shop' },
  { step: 'units', name: 'Units and money' },
  { step: 'hours', name: 'Who works when' },
  { step: 'tools', name: 'Mixer and scale' },
  { step: 'families', name: 'What you make' },
] as const;

/** The questions about a product, in order. */
export const PRODUCT_STEPS = [
  { step: 'shape', name: 'What shape' },
  { step: 'mix', name: 'What mix' },
  { step: 'colours', name: 'What colours' },
  { step: 'copies', name: 'How many moulds' },
  { step: 'pour', name: 'Pour' },
] as const;

export function shopQuestions(shop: ShopDraft): Question[] {
  const said: Record<string, string> = {
    name: shop.name,
    hours: hoursWords(shop.hours),
    units: `${shop.style.units === 'us' ? 'pounds and inches' : 'metric'}, ${shop.style.currency}`,
    tools: `${shop.mixer} at once`,
    families: shop.families.length === 0 ? 'anything' : plural(shop.families.length, 'kind'),
  };
  return SHOP_STEPS.map((s) => ({ ...s, answer: said[s.step] ?? '' }));
}

export function productQuestions({ draft, shape, preview }: Answers): Question[] {
  const said: Record<string, string> = {
    shape: shape?.name ?? '',
    mix: preview.data?.mix ?? '',
    colours: draft.colours.map((c) => c.name).join(draft.inOne ? ' and ' : ', ') || 'plain',
    copies: draft.copies,
    pour: draft.name,
  };
  return PRODUCT_STEPS.map((s) => ({ ...s, answer: said[s.step] ?? '' }));
}

/** The step after one, of a list of steps. */
export function after(step: string, steps: readonly { step: string }[]): string | undefined {
  return steps[steps.findIndex((s) => s.step === step) + 1]?.step;
}

/** How far it still is. */
export function ahead(step: string): string {
  const all = [...SHOP_STEPS, ...PRODUCT_STEPS];
  const left = all.length - 1 - all.findIndex((s) => s.step === step);
  return left > 0 ? `${plural(left, 'more question')}, then you weigh out` : 'then you weigh out';
}

export type Workshop = Schemas['WorkshopView'];
