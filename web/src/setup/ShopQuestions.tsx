import { useState } from 'react';
import { useSubmit } from '../kit/useSubmit';
import { useQuantities } from '../kit/useQuantities';
import { useChangeWorkshop } from '../server/useWorkshop';
import { ways } from './Ways';
import {
  after,
  ahead,
  productQuestions,
  SHOP_STEPS,
  shopQuestions,
  type Workshop,
} from './questions';
import { SetUpFrame } from './SetUpFrame';
import { changeOf, shopOf } from './shop';
import { FamiliesStep, HoursStep, NameStep, ToolsStep, UnitsStep } from './ShopSteps';
import { StepPage } from './StepPage';
import type { Answers } from './useProductDraft';

const WORDS: Record<string, { title: string; hint: string; next: string }> = {
  name: {
    title: 'What is your shop called?',
    hint: 'Everything can be changed later, and everything can be left for later.',
    next: 'Next: units and money',
  },
  units: {
    title: 'How do you weigh, measure and count money?',
    hint: 'Every screen and every sheet of paper keeps to it; a quantity may be typed in any unit.',
    next: 'Next: who works when',
  },
  hours: {
    title: 'Who works when?',
    hint: 'The plan lays work only into these hours.',
    next: 'Next: mixer and scale',
  },
  tools: {
    title: 'What do you mix and weigh with?',
    hint: 'The mixer says how much is mixed at once; the scoop, how many scoops that is.',
    next: 'Next: what you make',
  },
  families: {
    title: 'What do you make?',
    hint: 'These come first where there is a choice. Choose none, and all of them do.',
    next: 'Next: your first product',
  },
};

interface Props {
  answers: Answers;
  workshop: Workshop;
  step: string;
  onStep: (step: string) => void;
}

/** The questions about the shop; each answer is kept when one goes on. */
export function ShopQuestions({ answers, workshop, step, onStep }: Props) {
  const [shop, setShop] = useState(() => shopOf(workshop));
  const { submit, busy, error, problemOf } = useSubmit();
  const change = useChangeWorkshop();
  const [mixerL, scoopL] = useQuantities([
    { text: shop.mixer, dimension: 'volume' },
    { text: shop.scoop, dimension: 'volume' },
  ]);
  const words = WORDS[step] ?? WORDS['name'];
  const props = {
    shop,
    change: (p: Partial<typeof shop>) => setShop({ ...shop, ...p }),
    problemOf,
  };
  const next = () =>
    submit(async () => {
      await change.mutateAsync({
        version: workshop.version,
        body: changeOf(shop, workshop, { mixerL, scoopL }, workshop.setUp),
      });
      onStep(after(step, SHOP_STEPS) ?? 'shape');
    });
  return (
    <SetUpFrame
      questions={[...shopQuestions(shop), ...productQuestions(answers)]}
      step={step}
      onStep={onStep}
      foot={ways(workshop)}
    >
      {words && (
        <StepPage
          title={words.title}
          hint={words.hint}
          next={words.next}
          onNext={() => void next()}
          ahead={ahead(step)}
          busy={busy}
          error={error}
        >
          {step === 'name' && <NameStep {...props} />}
          {step === 'units' && <UnitsStep {...props} />}
          {step === 'hours' && <HoursStep {...props} />}
          {step === 'tools' && <ToolsStep {...props} />}
          {step === 'families' && <FamiliesStep {...props} />}
        </StepPage>
      )}
    </SetUpFrame>
  );
}
