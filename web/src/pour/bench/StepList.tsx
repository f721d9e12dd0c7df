import { Box, chakra, Text } from '@chakra-ui/react';
import { type ReactNode, useEffect, useRef } from 'react';
import { benchMass, stopMass } from '../../kit/style/bench';
import type { Step } from '../script/facts';
import { type Bench, said } from '../words';

const Press = chakra('button');

interface Props {
  bench: Bench;
  at: Step;
  /** Shows another step, to do it out of turn. */
  onGo: (key: string) => void;
}

const COLOUR: Record<Step['status'], string> = {
  done: 'moss',
  now: 'ink',
  later: 'rule',
  skipped: 'rule',
};

/** Where we are: what is done, what is now, what is to come. */
export function StepList({ bench, at, onGo }: Props) {
  const now = useRef<HTMLLIElement>(null);
  // Long lists keep the step at hand in sight; a browser without it loses nothing.
  useEffect(() => {
    now.current?.scrollIntoView?.({ block: 'nearest' });
  }, [at.key]);
  return (
    <Box
      as="ol"
      listStyleType="none"
      display={{ base: 'none', md: 'block' }}
      maxH="calc(100vh - 220px)"
      overflowY="auto"
      tabIndex={0}
      aria-label="Steps"
    >
      {bench.state.steps.map((step) => {
        const here = step.key === at.key;
        const words = said(bench, step);
        return (
          <Box
            as="li"
            key={step.key}
            {...(here && { ref: now })}
            aria-current={here ? 'step' : undefined}
            borderLeft="5px solid"
            borderColor={here ? 'ink' : COLOUR[step.status]}
            pl={4}
          >
            <Row pressable={!here && step.status === 'later'} onPress={() => onGo(step.key)}>
              <Text
                as="span"
                textStyle="label"
                fontSize="20px"
                color={here ? 'ink' : step.status === 'done' ? 'moss' : 'quiet'}
                textDecoration={step.status === 'skipped' ? 'line-through' : undefined}
              >
                {words.title}
              </Text>
              <Text as="span" textStyle="small" color="quiet">
                {went(bench, step)}
              </Text>
            </Row>
          </Box>
        );
      })}
    </Box>
  );
}

/** A step that can be pressed while it is to come. */
function Row(props: { pressable: boolean; onPress: () => void; children: ReactNode }) {
  const look = {
    display: 'flex',
    flexWrap: 'wrap',
    alignItems: 'baseline',
    columnGap: 2,
    minH: '40px',
    w: '100%',
    py: '6px',
    textAlign: 'left',
  } as const;
  return props.pressable ? (
    <Press type="button" onClick={props.onPress} cursor="pointer" {...look}>
      {props.children}
    </Press>
  ) : (
    <Box {...look}>{props.children}</Box>
  );
}

/** What was weighed or filled so far. */
function went({ state }: Bench, step: Step): string {
  if (step.status === 'skipped') {
    return '';
  }
  if (step.weigh && step.weigh.wentKg > 0) {
    const { wentKg, askedKg } = step.weigh;
    const asked = step.status === 'done' ? askedKg : askedKg + wentKg;
    return `${benchMass(wentKg)} of ${benchMass(asked)}`;
  }
  const copy = step.kind === 'fill' && state.copies.find((c) => c.copy === step.about);
  return copy && copy.kg > 0 && step.status !== 'later' ? stopMass(copy.kg) : '';
}
