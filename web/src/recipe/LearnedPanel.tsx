import { Box, Text } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { client, dataOf, type Schemas } from '../api/client';
import { plural } from '../kit/format';
import { useKeepProduct, useProducts } from '../server/useProducts';
import { wholeDegrees } from '../kit/style/units';
import { LearnedRow } from './LearnedRow';
import { TouchRows } from './TouchRows';
import { type RecipeData, useRecipeActs } from '../server/useRecipes';
import { keyOf } from '../server/keys';
import { Wrong } from '../kit/Wrong';

type Learned = Schemas['Learned'];

/** Nearer than this to what is used, there is nothing to change. */
const ALIKE = 0.002;

/** What the shop's own pours say of this mix, and how to use it. */
export function LearnedPanel({ page }: { page: RecipeData }) {
  const { keep, colour } = useRecipeActs();
  const keepProduct = useKeepProduct();
  const { data: products } = useProducts();
  const navigate = useNavigate();
  const id = page.recipe.id;
  const { data } = useQuery({
    queryKey: keyOf('recipe', String(id), 'learned'),
    queryFn: () => dataOf(client.GET('/api/recipes/{id}/learned', { params: { path: { id } } })),
  });
  if (!data) {
    return null;
  }
  const next = (part: Partial<RecipeData['kept']>) =>
    keep.mutate(
      { before: page, body: { ...page.kept, ...part } },
      { onSuccess: (kept) => void navigate(`/recipes/${kept.recipe.id}?against=${id}`) },
    );
  const error = keep.error ?? colour.error ?? keepProduct.error;
  return (
    <Box as="section" aria-label="What pours taught" mt={8}>
      <Text as="h2" textStyle="name" mb={2}>
        What pours taught
      </Text>
      <Row
        what="real yield over the sum, where the left-over was weighed"
        used={data.yieldUsed.toFixed(3)}
        learned={data.yield}
        digits={3}
        differs={Math.abs(data.yield.value - data.yieldUsed) > ALIKE && page.latest}
        onUse={() => next({ yieldFactor: data.yield.value })}
      />
      <Row
        what="a piece out of the mould over its wet mix"
        used={data.retentionUsed.toFixed(3)}
        learned={data.retention}
        digits={3}
        differs={Math.abs(data.retention.value - data.retentionUsed) > ALIKE && page.latest}
        onUse={() => next({ retention: Math.min(1, data.retention.value) })}
      />
      {data.working.count > 0 && (
        <Row
          what={`minutes until a bowl went off, at ${wholeDegrees(20)}`}
          used={data.workingUsed.toFixed(0)}
          learned={data.working}
          digits={0}
          differs={Math.abs(data.working.value - data.workingUsed) > 0.5 && page.latest}
          onUse={() => next({ workingMinAt20C: data.working.value })}
        />
      )}
      {data.water.map((w) => {
        const colourway = page.colourways.find((c) => c.id === w.colourwayId);
        return (
          <Row
            key={w.colourwayId}
            what={`more water for ${w.colourway}, %`}
            used={w.offsetUsed.toFixed(1)}
            learned={w.offset}
            digits={1}
            differs={colourway !== undefined && Math.abs(w.offset.value - w.offsetUsed) > 0.2}
            onUse={() =>
              colourway &&
              colour.mutate({
                recipeId: page.recipe.firstId,
                id: colourway.id,
                body: {
                  name: colourway.name,
                  swatch: colourway.swatch,
                  waterOffsetPercent: w.offset.value,
                  doses: colourway.doses,
                },
              })
            }
          />
        );
      })}
      <TouchRows id={id} latest={page.latest} onUse={(part) => next(part)} />
      {data.minutes.map((m) => {
        const product = products?.find((p) => p.product.id === m.productId)?.product;
        return (
          <Row
            key={m.productId}
            what={`minutes to fill one ${m.product}`}
            used={m.minutesUsed.toFixed(1)}
            learned={m.minutes}
            digits={1}
            differs={product !== undefined && Math.abs(m.minutes.value - m.minutesUsed) > 0.1}
            onUse={() =>
              product &&
              keepProduct.mutate({
                before: product,
                body: { ...product, minutesPerPiece: m.minutes.value },
              })
            }
          />
        );
      })}
      <Wrong error={error} />
      <Text textStyle="small" color="quiet" mt={2}>
        Each pour moves the mean a quarter of the way; what lies far off is held out (modified
        z-score, NIST/SEMATECH e-Handbook 1.3.5.17). Using a value writes a version; the one before
        stays, so it can be taken back.
      </Text>
    </Box>
  );
}

interface RowProps {
  what: string;
  used: string;
  learned: Learned;
  digits: number;
  differs: boolean;
  onUse: () => void;
}

function Row({ what, used, learned, digits, differs, onUse }: RowProps) {
  const rests = learned.count === 0 ? 'no pour says yet' : `from ${plural(learned.count, 'pour')}`;
  const out =
    learned.heldOut.length > 0 ? `; ${plural(learned.heldOut.length, 'pour')} held out` : '';
  return (
    <LearnedRow
      value={learned.count === 0 ? '–' : learned.value.toFixed(digits)}
      what={what}
      evidence={`${rests}; used with ${used}${out}`}
      onUse={differs && learned.count > 0 ? onUse : undefined}
    />
  );
}
