import { Box, Flex, Grid } from '@chakra-ui/react';
import { Problem } from '../api/client';
import { PlanDrawing } from '../kit/PlanDrawing';
import { SmallSection } from '../kit/SmallSection';
import { Loading } from '../kit/States';
import { Chip } from './Chip';
import { Figures } from './Figures';
import { ShapeDrawing } from './ShapeDrawing';
import type { Answers } from './useProductDraft';
import type { Shape } from './useSetUp';

/** Shapes stand on steel; the one chosen is drawn with its measures in it. */
export function ShapeStep({ draft, change, shapes, shape, preview }: Answers) {
  const errors = preview.error instanceof Problem ? preview.error.errors : [];
  const problemOf = (field: string) => errors.find((e) => e.field === field)?.message;
  if (!shapes) {
    return <Loading what="the shapes" />;
  }
  return (
    <Grid templateColumns={{ base: '1fr', xl: '402px 1fr' }} columnGap={8} rowGap={4}>
      <Flex wrap="wrap" alignContent="flex-start" rowGap={1}>
        {shapes.map((s) => (
          <Chip
            key={s.code}
            name={s.name}
            on={s.code === draft.shape}
            onPress={() => change({ shape: s.code, texts: {}, mix: '', kind: '', route: '' })}
          >
            <Box aria-hidden h="62px" px={3}>
              <Picture shape={s} />
            </Box>
          </Chip>
        ))}
      </Flex>
      {shape && (
        <Box>
          <ShapeDrawing
            shape={shape}
            preview={preview.data}
            texts={draft.texts}
            onText={(name, text) => change({ texts: { ...draft.texts, [name]: text } })}
            problemOf={problemOf}
          />
          {preview.data && <Figures preview={preview.data} stale={preview.isError} />}
        </Box>
      )}
    </Grid>
  );
}

/** A shape at thumb size; what lies flat is drawn from above. */
function Picture({ shape }: { shape: Shape }) {
  return shape.code === 'paver' ? (
    <PlanDrawing plan={shape.plan} title="" />
  ) : (
    <SmallSection section={shape.section} filled swatch="var(--chakra-colors-rule)" title="" />
  );
}
