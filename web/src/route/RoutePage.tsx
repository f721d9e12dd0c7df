import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { messageOf } from '../api/client';
import { Choice } from '../kit/Choice';
import { FormEnd } from '../kit/FormEnd';
import { Failed, Key, Loading } from '../kit/States';
import { useSubmit } from '../kit/useSubmit';
import { useTitle } from '../kit/useTitle';
import { draftOf, type StepDraft, stepOf } from './draft';
import { RouteLineDrawing } from './RouteLineDrawing';
import { StepRow } from './StepRow';
import {
  type RoutePage as Page,
  useKeepRoute,
  useLine,
  useRoute,
  useStartingRoutes,
  useStations,
} from './useRoute';
import { temperature } from '../kit/style/units';

/** A product’s route as a line of time, and its steps to be changed. */
export function RoutePage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useRoute(id);
  useTitle(data ? `Route of ${data.product.name}` : 'Route');
  return (
    <Box px={{ base: 4, md: 9 }} pt={6} maxW="1160px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the route" />}
      {data && <Form key={data.route.id} page={data} />}
    </Box>
  );
}

function Form({ page }: { page: Page }) {
  const productId = String(page.product.id);
  const { data: starting } = useStartingRoutes();
  const { data: stations } = useStations();
  const [drafts, setDrafts] = useState<StepDraft[]>(() => page.route.route.steps.map(draftOf));
  const keep = useKeepRoute(productId);
  const { submit, busy, error, problemOf } = useSubmit();
  const steps = drafts.map(stepOf);
  const line = useLine(steps, page.recipe.demouldAgeH, page.recipe.sealAfterH);
  const changed =
    JSON.stringify(steps) !== JSON.stringify(page.route.route.steps.map(draftOf).map(stepOf));
  const places = (stations ?? []).map((s) => [s.code, s.name] as const);
  const insert = (row: number) =>
    setDrafts([
      ...drafts.slice(0, row + 1),
      draftOf({ step: 'rest', waitH: 24 }),
      ...drafts.slice(row + 1),
    ]);
  const layers = page.product.layers.filter((l) => (l.waitH ?? 0) > 0);
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void submit(() => keep.mutateAsync({ seenId: page.route.id, steps }));
      }}
    >
      <Text as="h1" textStyle="title">
        Route of {page.product.name}
      </Text>
      <Text color="quiet">
        At {temperature(20)}, if each thing is done as soon as it may be. Where the mix has its own
        age or drying, the line follows it.{' '}
        <Link className="plain-link" to={`/products/${productId}`}>
          the product
        </Link>
      </Text>
      {layers.map((l) => (
        <Text key={l.name} fontWeight={600} mt={1}>
          Before it comes out: {l.name}, {l.waitH} h after the layer below.
        </Text>
      ))}
      {/* Stays in sight while the steps below change it. */}
      <Box position="sticky" top={0} zIndex={1} bg="ground" pb={2}>
        <RouteLineDrawing line={line.data ?? page.line} />
      </Box>
      {line.error && (
        <Text role="alert" color="oxide" fontWeight={600}>
          {messageOf(line.error)}
        </Text>
      )}
      <Flex gap={4} wrap="wrap" alignItems="flex-end">
        <Box w="320px">
          <Choice
            label="copy a route that ships"
            value=""
            options={[
              ['', 'choose one'] as const,
              ...(starting ?? []).map((s) => [s.code, s.name] as const),
            ]}
            onValue={(code) => {
              const chosen = starting?.find((s) => s.code === code);
              if (chosen) {
                setDrafts(chosen.route.steps.map(draftOf));
              }
            }}
          />
        </Box>
      </Flex>
      {drafts.map((draft, row) => (
        <Flex key={row} gap={3} alignItems="flex-start" wrap="wrap">
          <StepRow
            draft={draft}
            row={row}
            stations={places}
            problemOf={problemOf}
            onDraft={(next) => setDrafts(drafts.map((d, i) => (i === row ? next : d)))}
          />
          {row >= 3 && (
            <Box pt="21px">
              <Key onClick={() => setDrafts(drafts.filter((_, i) => i !== row))}>Remove</Key>
            </Box>
          )}
          {row >= 2 && (
            <Box pt="21px">
              <Key onClick={() => insert(row)}>Add a step below</Key>
            </Box>
          )}
        </Flex>
      ))}
      {keep.isSuccess && !changed && (
        <Text role="status">Kept; pieces on their way keep theirs.</Text>
      )}
      <FormEnd error={error} busy={busy}>
        Keep this route
      </FormEnd>
    </form>
  );
}
