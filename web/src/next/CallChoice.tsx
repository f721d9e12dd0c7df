import { Box, Checkbox, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Key } from '../kit/States';
import { useStepKinds, useStepWords } from '../server/useStepKinds';
import { chooseSteps, chosenSteps } from './notify';

/** Which steps this browser calls for, with a sound and a notification. */
export function CallChoice() {
  const [steps, setSteps] = useState(chosenSteps);
  const { data: kinds } = useStepKinds();
  const words = useStepWords();
  const offered = (kinds ?? [])
    .filter((k) => !k.waits && (k.used || k.effects.includes('pours') || steps.includes(k.code)))
    .map((k) => k.code);
  const [allowed, setAllowed] = useState(
    'Notification' in window ? Notification.permission : 'denied',
  );
  const choose = (step: string, on: boolean) => {
    const next = on ? [...steps, step] : steps.filter((s) => s !== step);
    setSteps(next);
    chooseSteps(next);
  };
  return (
    <Box as="section" aria-label="Calls" mt={8}>
      <Text as="h2" textStyle="name" mb={2}>
        Remind me of
      </Text>
      <Flex gap={5} wrap="wrap" mb={3}>
        {offered.map((step) => (
          <Checkbox.Root
            key={step}
            minH="32px"
            checked={steps.includes(step)}
            onCheckedChange={(e) => choose(step, e.checked === true)}
          >
            <Checkbox.HiddenInput />
            <Checkbox.Control borderColor="steel" />
            <Checkbox.Label>{step === 'pour' ? 'next layer' : words.todo(step)}</Checkbox.Label>
          </Checkbox.Root>
        ))}
      </Flex>
      {allowed === 'default' ? (
        <Key onClick={() => void Notification.requestPermission().then(setAllowed)}>
          Show notifications too
        </Key>
      ) : (
        <Text color="quiet">
          {allowed === 'granted'
            ? 'With a sound and a notification, in this browser.'
            : 'With a sound, in this browser; it does not allow notifications.'}
        </Text>
      )}
    </Box>
  );
}
