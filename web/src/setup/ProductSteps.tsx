import { useState } from 'react';
import { useNavigate } from 'react-router';
import { newKey } from '../api/key';
import { useOpenPour } from '../pour/script/usePourSession';
import { useChangeWorkshop } from '../server/useWorkshop';
import { ColourStep } from './ColourStep';
import { CopiesStep } from './CopiesStep';
import { MixStep } from './MixStep';
import { PourStep } from './PourStep';
import {
  after,
  ahead,
  PRODUCT_STEPS,
  productQuestions,
  shopQuestions,
  type Workshop,
} from './questions';
import { FootLink, SetUpFrame } from './SetUpFrame';
import { ShapeStep } from './ShapeStep';
import { changeOf, shopOf } from './shop';
import { StepPage } from './StepPage';
import type { Answers } from './useProductDraft';
import { useMakeProduct } from '../server/useSetUp';
import { ways } from './Ways';

const WORDS: Record<string, { title: string; hint: string; next: string }> = {
  shape: {
    title: 'What shape is it?',
    hint: 'Choose the nearest, then type your measures into the drawing, in any unit.',
    next: 'Next: what mix',
  },
  mix: {
    title: 'What is it mixed of?',
    hint: 'What suits it best stands first. Its materials come into your stock list with it.',
    next: 'Next: what colours',
  },
  colours: {
    title: 'What colours?',
    hint: 'Drawn as they should look when they are dry.',
    next: 'Next: how many moulds',
  },
  copies: {
    title: 'How many moulds of it do you have?',
    hint: 'Each gets a code for its label.',
    next: 'Next: pour',
  },
  pour: {
    title: 'What is it called, and what does it sell for?',
    hint: 'Then the sheet says what to weigh out.',
    next: 'Make it, and weigh out',
  },
};

interface Props {
  answers: Answers;
  workshop: Workshop;
  step: string;
  onStep: (step: string) => void;
  /** Whether it is the end of the set-up of a shop. */
  settingUp?: boolean;
}

/** The questions about a product; the last key keeps it and goes to the bench with it. */
export function ProductSteps({ answers, workshop, step, onStep, settingUp = false }: Props) {
  const [key] = useState(() => newKey());
  const make = useMakeProduct();
  const open = useOpenPour();
  const change = useChangeWorkshop();
  const navigate = useNavigate();
  const words = WORDS[step] ?? WORDS['shape'];
  const finish = async () => {
    if (!answers.body) {
      return;
    }
    const made = await make.mutateAsync({ key, body: answers.body });
    if (settingUp) {
      const read = { mixerL: undefined, scoopL: undefined };
      await change.mutateAsync({
        version: workshop.version,
        body: changeOf(shopOf(workshop), workshop, read, true),
      });
    }
    answers.forget();
    const { fills, colourwayId } = made;
    const pour = await open.mutateAsync({ key: `${key}-pour`, body: { fills, colourwayId } });
    await navigate(`/pours/${pour.id}`);
  };
  const next = () => {
    const to = after(step, PRODUCT_STEPS);
    if (to) {
      onStep(to);
    } else {
      void finish().catch(() => undefined);
    }
  };
  return (
    <SetUpFrame
      questions={[
        ...(settingUp ? shopQuestions(shopOf(workshop)) : []),
        ...productQuestions(answers),
      ]}
      step={step}
      onStep={onStep}
      foot={
        settingUp ? (
          ways(workshop)
        ) : (
          <>
            <FootLink to="/products/new/form">By form instead</FootLink>
            <FootLink to="/products">Back to the products</FootLink>
          </>
        )
      }
    >
      {words && (
        <StepPage
          title={words.title}
          hint={words.hint}
          next={words.next}
          onNext={next}
          ahead={ahead(step)}
          busy={make.isPending}
          disabled={answers.preview.isError}
          error={step === 'pour' ? (make.error ?? answers.preview.error) : undefined}
        >
          {step === 'shape' && <ShapeStep {...answers} />}
          {step === 'mix' && <MixStep {...answers} />}
          {step === 'colours' && <ColourStep {...answers} />}
          {step === 'copies' && <CopiesStep {...answers} />}
          {step === 'pour' && <PourStep {...answers} error={make.error} />}
        </StepPage>
      )}
    </SetUpFrame>
  );
}
