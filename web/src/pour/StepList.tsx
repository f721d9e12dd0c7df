import { Box, Text } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import { benchMass } from '../kit/style/bench';
import type { Draft } from './draft';
import type { Step } from './steps';

interface Props {
  steps: Step[];
  at: number;
  draft: Draft;
}

/** Where we are: what is done, what is now, what is to come. */
export function StepList({ steps, at, draft }: Props) {
  const now = useRef<HTMLLIElement>(null);
  // Long lists keep the step at hand in sight; a browser without it loses nothing.
  useEffect(() => {
    now.current?.scrollIntoView?.({ block: 'nearest' });
  }, [at]);
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
      {steps.map((step, i) => {
        const actual = draft.done.find((d) => d.key === step.key)?.actualKg;
        const state = i < at ? 'moss' : i === at ? 'ink' : 'rule';
        return (
          <Box
            as="li"
            key={step.key}
            {...(i === at && { ref: now })}
            aria-current={i === at ? 'step' : undefined}
            borderLeft="5px solid"
            borderColor={state}
            pl={4}
            py="7px"
          >
            <Text
              textStyle="label"
              fontSize="20px"
              color={i < at ? 'moss' : i === at ? 'ink' : 'quiet'}
            >
              {step.title}
            </Text>
            {actual !== undefined && step.kind === 'weigh' && (
              <Text textStyle="small" color="quiet">
                {benchMass(actual)} of {benchMass(step.askedKg)}
              </Text>
            )}
            {actual === undefined && i === at + 1 && (
              <Text textStyle="small" color="quiet">
                {step.note}
              </Text>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
