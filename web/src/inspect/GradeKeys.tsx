import { chakra, Flex, Text } from '@chakra-ui/react';
import type { Grade } from './grade';

const Press = chakra('button');

const GRADES: readonly (readonly [Grade, string])[] = [
  ['first', 'First'],
  ['second', 'Second'],
  ['scrap', 'Scrap'],
];

interface Props {
  grade: Grade;
  why: string;
  onGrade: (grade: Grade) => void;
}

/** What the piece is, as it follows from what is seen; another key decides otherwise. */
export function GradeKeys({ grade, why, onGrade }: Props) {
  return (
    <>
      <Text color="quiet" mb={2}>
        {why}
      </Text>
      <Flex gap={2} role="group" aria-label="grade" mb={3}>
        {GRADES.map(([value, name]) => {
          const on = value === grade;
          const scrap = value === 'scrap';
          return (
            <Press
              key={value}
              type="button"
              aria-pressed={on}
              onClick={() => onGrade(value)}
              minH="56px"
              px={6}
              cursor="pointer"
              textStyle="label"
              fontSize="21px"
              borderRadius="4px"
              border="2px solid"
              borderColor={scrap ? 'oxide' : 'steel'}
              bg={on ? (scrap ? 'oxideGround' : 'ink') : 'transparent'}
              color={on ? (scrap ? 'onOxide' : 'ground') : scrap ? 'oxide' : 'ink'}
            >
              {name}
            </Press>
          );
        })}
      </Flex>
    </>
  );
}
