import { Box, Grid, Input, Text } from '@chakra-ui/react';
import { useId } from 'react';
import { messageOf } from '../api/client';
import { PlanDrawing } from '../kit/PlanDrawing';
import { type Dimension, useReading } from '../kit/quantity';
import { SectionDrawing } from '../kit/SectionDrawing';
import { typical } from './draft';
import type { Measure, Preview, Shape } from '../server/useSetUp';

/** Where each measure stands over the drawing, in percent of its frame. */
const PLACES: Record<Measure['place'], { left: string; top: string }> = {
  above: { left: '39%', top: '0' },
  insideTop: { left: '39%', top: '25%' },
  insideBase: { left: '39%', top: '55%' },
  right: { left: '80%', top: '38%' },
  rightLow: { left: '80%', top: '68%' },
  left: { left: '0', top: '30%' },
  leftLow: { left: '0', top: '66%' },
  below: { left: '39%', top: '82%' },
};

interface Props {
  shape: Shape;
  preview: Preview | undefined;
  texts: Record<string, string>;
  onText: (name: string, text: string) => void;
  problemOf: (field: string) => string | undefined;
}

/** The shape to scale with its measures typed into the drawing. */
export function ShapeDrawing({ shape, preview, texts, onText, problemOf }: Props) {
  const sum = preview?.moulds[0]?.sum;
  const section = sum?.section ?? shape.section;
  const plan = sum?.plan ?? shape.plan;
  const flat = shape.family === 'pavers' || shape.family === 'trays';
  return (
    <>
      <Box position="relative" h={{ base: 'auto', md: '372px' }} mb={2} maxW="560px">
        <Box
          position={{ md: 'absolute' }}
          left="20%"
          top="18%"
          w={{ base: '100%', md: '58%' }}
          h={{ base: '200px', md: '62%' }}
          opacity={0.9}
        >
          {flat && plan.cavity.length > 0 ? (
            <PlanDrawing plan={plan} title="From above, to scale" />
          ) : (
            <SectionDrawing section={section} title="Its section, to scale" />
          )}
        </Box>
        <Grid
          display={{ base: 'grid', md: 'block' }}
          templateColumns="1fr 1fr"
          gap={3}
          mt={{ base: 3, md: 0 }}
        >
          {shape.measures.map((m) => (
            <Box
              key={m.name}
              position={{ md: 'absolute' }}
              left={PLACES[m.place].left}
              top={PLACES[m.place].top}
              w={{ md: '112px' }}
            >
              <MeasureField
                measure={m}
                text={texts[m.name]}
                onText={(text) => onText(m.name, text)}
                problem={problemOf(m.name)}
              />
            </Box>
          ))}
        </Grid>
      </Box>
    </>
  );
}

interface FieldProps {
  measure: Measure;
  text: string | undefined;
  onText: (text: string) => void;
  problem: string | undefined;
}

/** A small field in the drawing: its typical value stands in it until another is typed. */
function MeasureField({ measure, text, onText, problem }: FieldProps) {
  const id = useId();
  const dimension = measure.dimension as Dimension;
  const { error } = useReading(text ?? '', dimension);
  const wrong = problem ?? (text && error ? messageOf(error) : undefined);
  return (
    <Box bg="ground">
      <label htmlFor={id}>
        <Text as="span" textStyle="small" color="quiet" whiteSpace="nowrap">
          {measure.label}
        </Text>
      </label>
      <Input
        id={id}
        value={text ?? typical(measure)}
        onChange={(e) => onText(e.target.value)}
        onFocus={(e) => e.target.select()}
        autoComplete="off"
        aria-invalid={wrong ? true : undefined}
        aria-describedby={wrong ? `${id}-wrong` : undefined}
        fontFamily="heading"
        fontWeight={600}
        fontSize="20px"
        h="44px"
        px={2}
        bg="panel"
        borderWidth="2px"
        borderColor={wrong ? 'oxide' : 'steel'}
      />
      {wrong && (
        <Text id={`${id}-wrong`} role="alert" textStyle="small" color="oxide" w="230px">
          {wrong}
        </Text>
      )}
    </Box>
  );
}
