import { Box, Flex, Grid } from '@chakra-ui/react';
import { Problem } from '../api/client';
import { PlanDrawing } from '../kit/PlanDrawing';
import { SmallSection } from '../kit/SmallSection';
import { Awaited } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useWorkshop } from '../server/useWorkshop';
import { Chip } from './Chip';
import { Figures } from './Figures';
import { ShapeDrawing } from './ShapeDrawing';
import type { Answers } from './useProductDraft';
import { type Shape, useShapes } from '../server/useSetUp';

/** Those of the families that are made here first. */
function ofOurs(shapes: Shape[], families: string[]): Shape[] {
  const ours = (s: Shape) =>
    families.includes(s.family.replace(/_(.)/g, (_, letter: string) => letter.toUpperCase()));
  return [...shapes.filter(ours), ...shapes.filter((s) => !ours(s))];
}

/** Shapes stand on steel; the one chosen is drawn with its measures in it. */
export function ShapeStep({ draft, change, shapes, shape, preview }: Answers) {
  const families = useWorkshop().data?.families ?? [];
  const errors = preview.error instanceof Problem ? preview.error.errors : [];
  const problemOf = (field: string) => errors.find((e) => e.field === field)?.message;
  const { error, refetch } = useShapes();
  if (!shapes) {
    return <Awaited what="the shapes" error={error} retry={() => void refetch()} />;
  }
  return (
    <Grid templateColumns={{ base: '1fr', xl: '402px 1fr' }} columnGap={8} rowGap={4}>
      <Flex wrap="wrap" alignContent="flex-start" rowGap={1}>
        {ofOurs(shapes, families).map((s) => (
          <Chip
            key={s.code}
            name={s.name}
            on={s.code === draft.shape}
            onPress={() =>
              change({ shape: s.code, texts: {}, svgPath: '', mix: '', kind: '', route: '' })
            }
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
          {shape.takesOutline && (
            <TextField
              label="or any outline, as the d of one SVG path, one unit to the millimetre"
              text={draft.svgPath}
              onText={(svgPath) => change({ svgPath })}
              problem={problemOf('svgPath')}
            />
          )}
          {preview.data && <Figures preview={preview.data} stale={preview.isError} />}
        </Box>
      )}
    </Grid>
  );
}

const FROM_ABOVE = ['paver', 'board'];

/** What its section alone would not tell. */
function Sketch({ d }: { d: string }) {
  return (
    <svg viewBox="0 0 100 60" width="100%" height="100%">
      <path
        d={d}
        fill="var(--chakra-colors-rule)"
        stroke="currentColor"
        strokeWidth={2}
        strokeLinejoin="round"
      />
    </svg>
  );
}

/** A shape at thumb size; what lies flat with something in it is drawn from above. */
function Picture({ shape }: { shape: Shape }) {
  if (shape.code === 'drape') {
    return (
      <Sketch d="M30 6h40q6 30 22 46q-12-8-20 0q-10-8-22 0q-10-8-22 0q-8-8-20 0q16-16 22-46z" />
    );
  }
  if (shape.layering === 'twoHeads') {
    return <Sketch d="M8 14h22v40h-22zM70 14h22v40h-22zM30 30h40v8h-40z" />;
  }
  return FROM_ABOVE.includes(shape.code) ? (
    <PlanDrawing plan={shape.plan} title="" bare />
  ) : (
    <SmallSection section={shape.section} filled swatch="var(--chakra-colors-rule)" title="" />
  );
}
