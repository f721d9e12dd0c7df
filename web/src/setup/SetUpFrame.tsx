import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Link } from '../kit/Link';
import { useNight } from '../kit/night';

const Press = chakra('button');

/** A question of the set-up, by its place in the address, and the answer given so far. */
export interface Question {
  step: string;
  name: string;
  answer: string;
}

interface Props {
  questions: Question[];
  step: string;
  onStep: (step: string) => void;
  /** What leads away from here. */
  foot: ReactNode;
  children: ReactNode;
}

/** The upright as the list of questions: each with its answer under its name. */
export function SetUpFrame({ questions, step, onStep, foot, children }: Props) {
  const night = useNight();
  return (
    <Flex
      className={night.on ? 'dark' : 'light'}
      minH="100vh"
      bg="ground"
      color="ink"
      direction={{ base: 'column', md: 'row' }}
    >
      <Flex
        as="nav"
        aria-label="Questions"
        bg="post"
        color="postInk"
        direction={{ base: 'row', md: 'column' }}
        w={{ base: '100%', md: '220px' }}
        h={{ md: '100vh' }}
        position={{ md: 'sticky' }}
        top={0}
        flexShrink={0}
        overflowX="auto"
        alignItems={{ base: 'center', md: 'stretch' }}
        backgroundImage={{
          md: 'repeating-linear-gradient({colors.slot} 0 14px, transparent 14px 30px)',
        }}
        backgroundSize="14px 100%"
        backgroundRepeat="no-repeat"
        backgroundPosition="8px 10px"
      >
        <Text textStyle="label" fontSize="22px" pl={{ base: 4, md: '40px' }} pt={{ md: 7 }} pb={4}>
          Iron Shelf
        </Text>
        {questions.map((q) => {
          const here = q.step === step;
          return (
            <Box key={q.step} position="relative" flexShrink={0}>
              <Press
                type="button"
                aria-current={here ? 'step' : undefined}
                onClick={() => onStep(q.step)}
                display="block"
                w={{ md: '190px' }}
                minH="58px"
                ml={{ md: '30px' }}
                px={4}
                py={2}
                textAlign="left"
                cursor="pointer"
                bg={here ? 'ground' : 'transparent'}
                color={here ? 'ink' : 'postInk'}
                borderRadius={{ base: '4px', md: '4px 0 0 4px' }}
                _before={
                  here
                    ? {
                        content: '""',
                        position: 'absolute',
                        left: '10px',
                        top: '24px',
                        w: '24px',
                        h: '9px',
                        bg: 'ground',
                        display: { base: 'none', md: 'block' },
                      }
                    : {}
                }
              >
                <Text textStyle="label" fontSize="20px">
                  {q.name}
                </Text>
                <Text textStyle="small" truncate display={{ base: 'none', md: 'block' }}>
                  {q.answer || '\u00a0'}
                </Text>
              </Press>
            </Box>
          );
        })}
        <Box flex={1} />
        <Box pl={{ base: 2, md: '40px' }} pb={{ md: 5 }} pr={3} textStyle="small" flexShrink={0}>
          {foot}
        </Box>
      </Flex>
      <Box as="main" flex={1} minW={0} px={{ base: 4, md: 10 }} pt={6}>
        {children}
      </Box>
    </Flex>
  );
}

/** A way out at the foot of the upright. */
export function FootLink({ to, children }: { to: string; children: string }) {
  return (
    <Link to={to} style={{ display: 'block', padding: '8px 0' }}>
      {children}
    </Link>
  );
}
