import { useNavigate, useParams } from 'react-router';
import { Awaited } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { useWorkshop } from '../server/useWorkshop';
import { ProductSteps } from './ProductSteps';
import { PRODUCT_STEPS, SHOP_STEPS } from './questions';
import { ShopQuestions } from './ShopQuestions';
import { useProductDraft } from './useProductDraft';

/** An empty shop opens on this: first the shop, then its first product, one question at a time. */
export function SetUpPage() {
  const { step = SHOP_STEPS[0].step } = useParams();
  const { data: workshop, error, refetch } = useWorkshop();
  const answers = useProductDraft();
  const navigate = useNavigate();
  useTitle('Set up your shop');
  const go = (to: string) => void navigate(`/set-up/${to}`);
  if (!workshop) {
    return <Awaited what="the workshop" error={error} retry={() => void refetch()} />;
  }
  return PRODUCT_STEPS.some((s) => s.step === step) ? (
    <ProductSteps answers={answers} workshop={workshop} step={step} onStep={go} settingUp />
  ) : (
    <ShopQuestions
      key={workshop.version}
      answers={answers}
      workshop={workshop}
      step={step}
      onStep={go}
    />
  );
}

/** One more product, by the same questions. */
export function NewProductSteps() {
  const { step = PRODUCT_STEPS[0].step } = useParams();
  const { data: workshop, error, refetch } = useWorkshop();
  const answers = useProductDraft();
  const navigate = useNavigate();
  useTitle('New product');
  return workshop ? (
    <ProductSteps
      answers={answers}
      workshop={workshop}
      step={step}
      onStep={(to) => void navigate(`/products/new/${to}`)}
    />
  ) : (
    <Awaited what="the workshop" error={error} retry={() => void refetch()} />
  );
}
