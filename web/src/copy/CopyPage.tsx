import { Box, Flex, Text } from '@chakra-ui/react';
import { useParams } from 'react-router';
import { Link } from '../kit/Link';
import { benchMass } from '../kit/style/bench';
import { plural } from '../kit/format';
import { date, moment } from '../kit/style/time';
import { SmallSection } from '../kit/SmallSection';
import { Failed, Key, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { useMould } from '../server/useMoulds';
import { useNow } from '../server/useWorkshop';
import { stateOf } from './CopyMark';
import { Defects } from './Defects';
import { FactsForm } from './FactsForm';
import { MarkForm } from './MarkForm';
import { type History, useCopy, useCopyActs } from '../server/useCopy';
import { money } from '../kit/style/money';
import { ForOwners } from '../kit/ForOwners';
import { Wrong } from '../kit/Wrong';

/** One physical mould: what state it is in, and every cast with what came of it. */
export function CopyPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useCopy(id);
  useTitle(data ? `Copy ${data.copy.code}` : 'Copy');
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the copy" />}
      {data && <Whole history={data} />}
    </Box>
  );
}

function Whole({ history }: { history: History }) {
  const { copy } = history;
  const now = useNow();
  const { data: mould } = useMould(history.mouldId);
  const acts = useCopyActs(history);
  return (
    <>
      <Flex gap={5} alignItems="center">
        {mould && (
          <Box w="88px" h="88px">
            <SmallSection
              section={mould.section}
              filled={copy.held !== undefined}
              swatch="var(--chakra-colors-steel)"
              title={copy.code}
            />
          </Box>
        )}
        <Box>
          <Text as="h1" textStyle="title">
            Copy {copy.code}
          </Text>
          <Text color="quiet">
            {mould && (
              <>
                <Link className="plain-link" to={`/moulds/${mould.id}`}>
                  {mould.name} mould
                </Link>{' '}
                ·{' '}
              </>
            )}
            {stateOf(copy, undefined, now)}
            {copy.place && ` · ${copy.place}`}
            {copy.boughtOn && ` · bought ${date(copy.boughtOn)}`}
            {copy.boughtFor !== undefined && ` for ${money(copy.boughtFor)}`} · {copy.casts} of
            about {Math.round(mould?.expected.casts ?? 0)} casts
          </Text>
        </Box>
      </Flex>
      <Flex gap={3} my={5} wrap="wrap">
        {copy.washDue && (
          <Key main busy={acts.wash.isPending} onClick={() => acts.wash.mutate()}>
            It is washed
          </Key>
        )}
        <Key busy={acts.print.isPending} onClick={() => acts.print.mutate()}>
          Print its label
        </Key>
        <MarkForm history={history} mark={acts.mark} />
        <ForOwners>
          <FactsForm history={history} change={acts.change} />
        </ForOwners>
      </Flex>
      <Box aria-live="polite">
        {acts.print.data && <Text>Printed: {acts.print.data.where} in the data folder.</Text>}
        <Wrong error={acts.wash.error} />
        <Wrong error={acts.print.error} />
      </Box>
      {copy.defects && <Defects defects={copy.defects} />}
      <Text as="h2" textStyle="name" mt={5} mb={2}>
        Results
      </Text>
      {history.casts.length === 0 && (
        <Text color="quiet">Nothing has been cast in it since it is kept here.</Text>
      )}
      {history.casts.map((cast) => (
        <Flex
          key={cast.castId}
          gap={5}
          py={2}
          borderBottom="1px solid"
          borderColor="rule"
          alignItems="baseline"
          wrap="wrap"
        >
          <Text textStyle="label" w="170px">
            {moment(Date.parse(cast.filledAt), now)}
          </Text>
          <Text w="90px" color="quiet">
            pour {cast.pourId}
          </Text>
          <Flex flex={1} gap={4} wrap="wrap">
            {cast.emptiedAt === undefined && 'still in it: '}
            {cast.pieces.map((p) => (
              <Link key={p.pieceId} className="plain-link" to={`/pieces/${p.pieceId}`}>
                {wordsOf(p, cast.emptiedAt === undefined)}
              </Link>
            ))}
          </Flex>
          {cast.earlyReason && <Text color="ochre">early: {cast.earlyReason}</Text>}
        </Flex>
      ))}
      {history.castsHere > history.casts.length && (
        <Text color="quiet" mt={2}>
          The latest {history.casts.length} of {history.castsHere} casts.
        </Text>
      )}
      {history.marks.length > 0 && (
        <>
          <Text as="h2" textStyle="name" mt={5} mb={2}>
            {plural(history.marks.length, 'change')} of condition
          </Text>
          {history.marks.map((m) => (
            <Flex key={m.at} gap={5} py={2} borderBottom="1px solid" borderColor="rule">
              <Text textStyle="label" w="170px">
                {moment(Date.parse(m.at), now)}
              </Text>
              <Text w="90px">{m.condition}</Text>
              <Text>{m.reason}</Text>
            </Flex>
          ))}
        </>
      )}
    </>
  );
}

function wordsOf(piece: History['casts'][number]['pieces'][number], within: boolean): string {
  if (within) {
    return `piece ${piece.pieceId}`;
  }
  if (piece.scrapReason) {
    return `scrap: ${piece.scrapReason}`;
  }
  return piece.massKg === undefined ? 'not weighed' : benchMass(Number(piece.massKg));
}
