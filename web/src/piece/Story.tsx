import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { benchMass } from '../kit/style/bench';
import { moment } from '../kit/style/time';
import { useDefects, useInspections } from '../server/useInspect';
import { useStepWords } from '../server/useStepKinds';
import { useNow } from '../server/useWorkshop';
import { usePhotos, usePieceSteps } from '../server/usePiece';

const Img = chakra('img');
const TOUCH = { tooGreen: 'too green', fine: 'fine', tooHard: 'too hard' } as const;

/** What was done to a piece, in order, with what was seen. */
export function Story({ pieceId }: { pieceId: number }) {
  const now = useNow();
  const words = useStepWords();
  const { data: steps } = usePieceSteps(String(pieceId));
  const { data: seen } = useInspections(pieceId);
  const { data: defects } = useDefects();
  const { data: photos } = usePhotos((steps ?? []).map((s) => s.act.id));
  return (
    <Box as="section" aria-label="History" mt={6}>
      <Text as="h2" textStyle="name" mb={2}>
        History
      </Text>
      {steps?.length === 0 && <Text color="quiet">It is in its mould still.</Text>}
      {steps?.map(({ act, massKg, weighedWith }) => (
        <Flex key={act.id} gap={4} py={1} borderBottom="1px solid" borderColor="rule" wrap="wrap">
          <Text w="150px" color="quiet">
            {moment(Date.parse(act.doneAt), now)}
          </Text>
          <Text w="150px" fontWeight={600}>
            {act.leftOut ? `not ${words.done(act.step)}` : words.done(act.step)}
            {act.round > 1 && `, ${act.round}`}
          </Text>
          <Text flex={1} minW="200px">
            {[
              massKg !== undefined &&
                `${benchMass(Number(massKg))}${weighedWith ? `, its share of ${weighedWith} weighed together` : ''}`,
              act.touch && `to the touch ${TOUCH[act.touch]}`,
              act.earlyReason && (act.leftOut ? act.earlyReason : `early: ${act.earlyReason}`),
              act.note,
              act.who && `by ${act.who}`,
            ]
              .filter(Boolean)
              .join(' · ')}
          </Text>
        </Flex>
      ))}
      {seen?.map((look) => (
        <Text key={look.id} mt={2}>
          Seen {moment(Date.parse(look.inspectedAt), now)}:{' '}
          {look.defects.length === 0
            ? 'nothing wrong'
            : look.defects
                .map((d) => defects?.find((x) => x.defect === d.defect)?.seen ?? d.defect)
                .join(', ')}
          {look.who && ` · by ${look.who}`}
          {look.note && ` · ${look.note}`}
          {look.mendedAt && ` · mended ${moment(Date.parse(look.mendedAt), now)}`}
        </Text>
      ))}
      <Flex gap={3} mt={3} wrap="wrap">
        {photos?.map((p) => (
          <a key={p.id} href={`/api/photos/${p.id}`}>
            <Img src={`/api/photos/${p.id}`} alt={`photo ${p.id}`} h="120px" />
          </a>
        ))}
      </Flex>
    </Box>
  );
}
