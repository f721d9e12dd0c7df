import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { TextField } from '../../kit/TextField';
import { canSpeak } from './hands';
import type { BenchSettings } from './settings';

const Press = chakra('button');

interface Props {
  settings: BenchSettings;
  onKeep: (change: Partial<BenchSettings>) => void;
}

/** What this device knows of its bench, and how it helps wet hands. */
export function SettingsPanel({ settings, onKeep }: Props) {
  return (
    <Box maxW="620px">
      <Text as="h2" textStyle="title" fontSize="40px" mb={3} tabIndex={-1}>
        This bench
      </Text>
      <Flex gap={4} wrap="wrap">
        <Box w="240px">
          <TextField
            label="its name"
            text={settings.bench}
            onText={(bench) => onKeep({ bench: bench.slice(0, 40) })}
          />
        </Box>
        <Box w="240px">
          <TextField
            label="who pours"
            text={settings.person}
            onText={(person) => onKeep({ person: person.slice(0, 40) })}
          />
        </Box>
      </Flex>
      <Toggle
        on={settings.takesItself}
        title="With a scale, a steady reading is taken by itself"
        words="within tolerance for two seconds; it sounds, and the next thing comes up"
        onPress={() => onKeep({ takesItself: !settings.takesItself })}
      />
      {canSpeak() && (
        <Toggle
          on={settings.speaks}
          title="The next thing is said aloud"
          words="by this browser’s own voice"
          onPress={() => onKeep({ speaks: !settings.speaks })}
        />
      )}
      <Text color="quiet" mt={4}>
        Any keyboard is a pedal: Space goes on, Backspace takes back.
      </Text>
    </Box>
  );
}

interface ToggleProps {
  on: boolean;
  title: string;
  words: string;
  onPress: () => void;
}

function Toggle({ on, title, words, onPress }: ToggleProps) {
  return (
    <Press
      type="button"
      role="switch"
      aria-checked={on}
      onClick={onPress}
      display="flex"
      gap={4}
      alignItems="center"
      w="100%"
      minH="64px"
      mt={3}
      textAlign="left"
      cursor="pointer"
    >
      <Box
        aria-hidden
        w="56px"
        h="32px"
        p="4px"
        flexShrink={0}
        border="2px solid"
        borderColor="ink"
        bg={on ? 'moss' : 'transparent'}
      >
        <Box w="20px" h="20px" bg="ink" ml={on ? '24px' : 0} />
      </Box>
      <Box>
        <Text textStyle="label" fontSize="20px">
          {title}
        </Text>
        <Text color="quiet">{words}</Text>
      </Box>
    </Press>
  );
}
