import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useParams } from 'react-router';
import { Link } from '../kit/Link';
import { Choice } from '../kit/Choice';
import { FormEnd } from '../kit/FormEnd';
import { Failed, Key, Loading } from '../kit/States';
import { useSubmit } from '../kit/useSubmit';
import { useTitle } from '../kit/useTitle';
import { draftOf, type StepDraft, stepOf } from './draft';
import { OwnStep } from './OwnStep';
import { RouteLineDrawing } from './RouteLineDrawing';
import { StepRow } from './StepRow';
import { TakeAlong } from './TakeAlong';
import { Takes } from './Takes';
import {
  type RoutePage as Page,
  useKeepRoute,
  useLine,
  useRoute,
  useStartingRoutes,
  useStations,
} from '../server/useRoute';
import { type StepKind, useStepKinds } from '../server/useStepKinds';
import { temperature } from '../kit/style/units';
import { Wrong } from '../kit/Wrong';

/** A product’s route as a line of time, and its steps to be changed. */
export function RoutePage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useRoute(id);
  const { data: kinds, error: noKinds } = useStepKinds();
  // Outlives the form, which begins anew with each route that was kept.
  const keep = useKeepRoute(id);
  useTitle(data ? `Route of ${data.product.name}` : 'Route');
  return (
    <Box px={{ base: 4, md: 9 }} pt={6} maxW="1160px">
      {(error ?? noKinds) && !(data && kinds) && (
        <Failed whole error={error ?? noKinds} retry={() => void refetch()} />
      )}
      {!(data && kinds) && !error && !noKinds && <Loading what="the route" />}
      {data && kinds && <Form key={data.route.id} page={data} kinds={kinds} keep={keep} />}
    </Box>
  );
}

interface FormProps {
  page: Page;
  kinds: StepKind[];
  keep: ReturnType<typeof useKeepRoute>;
}

function Form({ page, kinds, keep }: FormProps) {
  const productId = String(page.product.id);
  const { data: starting } = useStartingRoutes();
  const { data: stations } = useStations();
  const [drafts, setDrafts] = useState<StepDraft[]>(() => page.route.steps.map(draftOf));
  const { submit, busy, error, problemOf } = useSubmit();
  const kept = (draft: StepDraft) =>
    stepOf(
      draft,
      kinds.find((k) => k.code === draft.step),
    );
  const steps = drafts.map(kept);
  const line = useLine(steps, page.recipe.demouldAgeH, page.recipe.sealAfterH);
  const changed = JSON.stringify(steps) !== JSON.stringify(page.route.steps.map(draftOf).map(kept));
  const places = (stations ?? []).map((s) => [s.code, s.name] as const);
  const insert = (row: number, kind?: StepKind) =>
    setDrafts([
      ...drafts.slice(0, row + 1),
      draftOf(
        kind ? { step: kind.code, ...(kind.waits && { waitH: 24 }) } : { step: 'rest', waitH: 24 },
      ),
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
        <Takes steps={steps} kinds={kinds} />
      </Box>
      <Wrong error={line.error} />
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
                setDrafts(chosen.steps.map(draftOf));
              }
            }}
          />
        </Box>
      </Flex>
      <Box my={3}>
        <OwnStep onAdded={(kind) => insert(drafts.length - 2, kind)} />
      </Box>
      {drafts.map((draft, row) => (
        <Flex key={row} gap={3} alignItems="flex-start" wrap="wrap">
          <StepRow
            draft={draft}
            row={row}
            kinds={kinds}
            stations={places}
            problemOf={problemOf}
            onDraft={(next) => setDrafts(drafts.map((d, i) => (i === row ? next : d)))}
          />
          {row > 0 && !fixed(draft, kinds) && (
            <Box pt="21px">
              <Key onClick={() => setDrafts(drafts.filter((_, i) => i !== row))}>Remove</Key>
            </Box>
          )}
          {row < drafts.length - 1 && (
            <Box pt="21px">
              <Key onClick={() => insert(row)}>Add below</Key>
            </Box>
          )}
        </Flex>
      ))}
      {keep.isSuccess && !changed && (
        <Box role="status">
          <Text>Kept; pieces on their way keep theirs.</Text>
          <TakeAlong productId={page.product.id} />
        </Box>
      )}
      <FormEnd error={error} busy={busy}>
        Keep this route
      </FormEnd>
    </form>
  );
}

/** What no route goes without: the pour, its setting, and taking it out. */
function fixed(draft: StepDraft, kinds: StepKind[]) {
  const does = kinds.find((k) => k.code === draft.step)?.effects ?? [];
  return (['pours', 'sets', 'freesMould'] as const).some((e) => does.includes(e));
}
