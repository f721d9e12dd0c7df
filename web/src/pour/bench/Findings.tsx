import { Box, Flex, Text } from '@chakra-ui/react';
import { Key } from '../../kit/States';
import { moment } from '../../kit/style/time';
import { volume } from '../../kit/style/units';
import { again, forget } from '../script/queue';
import type { PourState, Step, What } from '../script/facts';
import type { Going } from '../script/usePourSession';
import { mixedMore, shortage } from './acts';

/** Where mix goes that nobody weighs. */
const LOST = [
  ['spilt', 'It was spilt'],
  ['stuck to bowl and tools', 'It stuck to bowl and tools'],
] as const;

interface Props {
  state: PourState;
  step: Step;
  onNote: (whats: What[]) => void;
}

/** What does not fit, with what can be done about it. */
export function Findings({ state, step, onNote }: Props) {
  const short = shortage(state, step.batch);
  return (
    <>
      {state.findings
        .filter((f) => f.finding.code !== 'pour.short')
        .map((f) => (
          <Flex
            key={f.finding.message}
            mt={4}
            gap={4}
            alignItems="center"
            wrap="wrap"
            role="status"
          >
            <Text color="ochre" fontWeight={600} fontSize="20px" maxW="560px">
              {f.finding.message}
            </Text>
            {f.remedies
              .filter((r) => r.kind === 'followed')
              .map((r) => (
                <Key
                  key={r.kind}
                  onClick={() =>
                    onNote([
                      {
                        kind: 'followed',
                        mix: String(r.values['mix']),
                        factor: Number(r.values['factor']),
                      },
                    ])
                  }
                >
                  The others follow: × {Number(r.values['factor']).toFixed(3)}
                </Key>
              ))}
            {f.remedies
              .filter((r) => r.kind === 'thrown')
              .flatMap((r) =>
                LOST.map(([why, words]) => (
                  <Key
                    key={why}
                    onClick={() =>
                      onNote([
                        {
                          kind: 'thrown',
                          ...(r.values as { batch: string; kg: number }),
                          why,
                        },
                      ])
                    }
                  >
                    {words}
                  </Key>
                )),
              )}
          </Flex>
        ))}
      {short && step.kind === 'fill' && (
        <Flex mt={4} gap={4} alignItems="center" wrap="wrap" role="status">
          <Text color="ochre" fontWeight={600} fontSize="20px" maxW="560px">
            By its sum the bowl is {volume(short.litres)} short for {short.copies.join(' ')}.
          </Text>
          <Key onClick={() => onNote(mixedMore(state, step.batch ?? '', short.mixL))}>
            Mix {volume(short.mixL)} more
          </Key>
        </Flex>
      )}
    </>
  );
}

/** What waits on this device, and what was not taken. */
export function Unsent({ going, now }: { going: Going; now: number }) {
  return (
    <>
      {going.goneSince !== undefined && going.waiting.length > 0 && (
        <Text role="status" fontSize="20px" fontWeight={600} mt={4}>
          The network is gone since {moment(going.goneSince, now)}: all is kept here and sent when
          it is back.
        </Text>
      )}
      {going.refused.map((press) => (
        <Box
          key={press.facts[0]?.key}
          role="alert"
          mt={4}
          pl={4}
          borderLeft="5px solid"
          borderColor="oxide"
          maxW="640px"
        >
          <Text color="oxide" fontWeight={600} fontSize="20px">
            Not taken: {press.refused}
          </Text>
          <Flex gap={3} mt={2}>
            <Key onClick={() => again(press)}>Try again</Key>
            <Key onClick={() => forget(press)}>It did not happen</Key>
          </Flex>
        </Box>
      ))}
    </>
  );
}
