import { Box } from '@chakra-ui/react';
import { skipToken, useQuery } from '@tanstack/react-query';
import { client, dataOf, type Schemas } from '../api/client';
import { Choice } from '../kit/Choice';
import { plural } from '../kit/format';
import { mass } from '../kit/style/units';
import { keyOf } from '../server/keys';

type Target = Schemas['Target'];

/** What a person says of a piece; nothing where its mass says it. */
export type Graded = '' | 'first' | 'second';

/** The mass that pieces of a product are sold by; nothing where they are not, or none is asked. */
export function useTarget(productId: number | undefined): Target | undefined {
  const { data } = useQuery({
    queryKey: keyOf('product', String(productId)),
    queryFn:
      productId === undefined
        ? skipToken
        : () => dataOf(client.GET('/api/products/{id}', { params: { path: { id: productId } } })),
  });
  return data?.product.target;
}

interface Props {
  grade: Graded;
  target: Target;
  onGrade: (grade: Graded) => void;
}

/** The grade of pieces that are sold by their mass: by its tolerance, or as somebody says. */
export function GradeChoice({ grade, target, onGrade }: Props) {
  const within = (target.toleranceKg ?? 0) > 0 ? `, within ${mass(target.toleranceKg ?? 0)}` : '';
  return (
    <Box w="320px">
      <Choice
        label="grade"
        value={grade}
        options={[
          ['', `by mass: ${mass(target.massKg)}${within}`] as const,
          ['first', 'first, whatever it weighs'] as const,
          ['second', 'second'] as const,
        ]}
        onValue={onGrade}
      />
    </Box>
  );
}

/** What the key says that grades so many. */
export function gradeWords(grade: Graded, pieces: number): string {
  return grade === '' ? `Grade ${pieces} by mass` : plural(pieces, grade);
}
