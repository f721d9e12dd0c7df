import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { Fragment } from 'react';
import { useParams } from 'react-router';
import { Link } from '../kit/Link';
import { benchMass } from '../kit/style/bench';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { Drift } from './Drift';
import { Story } from './Story';
import { type PieceUse, usePieceUse } from '../server/usePiece';
import { money } from '../kit/style/money';

/** One piece: what is in it, what of it was wasted, what it cost. */
export function PiecePage() {
  const { id = '' } = useParams();
  useTitle(`Piece ${id}`);
  const { data, error, refetch } = usePieceUse(id);
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1000px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the piece" />}
      {data && <Whole use={data} />}
    </Box>
  );
}

function Whole({ use }: { use: PieceUse }) {
  const { piece, cost } = use;
  const parts: [string, unknown][] = !cost
    ? []
    : [
        ['material', cost.materials],
        ['its part of the mould', cost.mouldWear],
        ['release, inserts, packing', cost.goods],
        ['work', cost.labour],
        ['for scrap', cost.scrap],
        ...(use.parts.length > 0
          ? ([['its parts', use.parts.reduce((sum, p) => sum + Number(p.total), 0)]] satisfies [
              string,
              unknown,
            ][])
          : []),
      ];
  return (
    <>
      <Text as="h1" textStyle="title">
        {use.product}, piece {piece.id}
      </Text>
      <Text color="quiet">
        {use.colourway} · pour {piece.pourId}
        {piece.massKg !== undefined && ` · ${benchMass(Number(piece.massKg))} out of the mould`}
        {piece.grade && !piece.scrapReason && ` · a ${piece.grade}`}
        {piece.scrapReason && ` · scrap: ${piece.scrapReason}`}
      </Text>
      {use.firstDay.map((words) => (
        <Text key={words} fontWeight={600} color="oxide">
          {words}
        </Text>
      ))}
      {piece.joinedInto !== undefined && (
        <Text fontWeight={600}>
          It is a part of{' '}
          <Link className="plain-link" to={`/pieces/${piece.joinedInto}`}>
            piece {piece.joinedInto}
          </Link>
          .
        </Text>
      )}
      <Flex gap={6} mt={2} wrap="wrap">
        <Link className="plain-link" to={`/pieces/${piece.id}/strength`}>
          how strong it is
        </Link>
        {piece.demouldedAt && !piece.scrapReason && (
          <Link className="plain-link" to={`/pieces/${piece.id}/inspect`}>
            inspect it
          </Link>
        )}
      </Flex>
      {use.parts.length > 0 && (
        <Box as="section" aria-label="Parts" mt={4}>
          <Text as="h2" textStyle="name">
            Made of
          </Text>
          {use.parts.map((part) => (
            <Text key={part.pieceId}>
              <Link className="plain-link" to={`/pieces/${part.pieceId}`}>
                {part.product} {part.pieceId}
              </Link>
              <Text as="span" color="quiet">
                , {part.colourway}, pour {part.pourId}
                {part.total === undefined ? '' : `, ${money(part.total)}`}
              </Text>
            </Text>
          ))}
        </Box>
      )}
      <Story pieceId={piece.id} />
      <Text as="h2" textStyle="name" mt={6} mb={2}>
        Materials
      </Text>
      <Grid
        templateColumns={{ base: '1fr 1fr', md: '1.4fr 1fr 110px 120px 120px 90px' }}
        columnGap={4}
        rowGap={1}
      >
        {use.rows.map((row) => (
          <Fragment key={`${row.pourId} ${row.material}`}>
            <Text fontWeight={600}>{row.material}</Text>
            <Text color="quiet">
              {row.colourway}, pour {row.pourId}
            </Text>
            <Drift percent={row.driftPercent} />
            <Text color="quiet">{benchMass(Number(row.askedKg))} asked</Text>
            <Text>{benchMass(Number(row.actualKg))}</Text>
            <Text color="quiet" textAlign={{ md: 'right' }}>
              {row.cost === undefined ? '' : money(row.cost)}
            </Text>
          </Fragment>
        ))}
      </Grid>
      <Text mt={3} color="quiet">
        {use.wasteKg === undefined
          ? 'What was left in the bowl was not weighed, so its waste is in these figures.'
          : `Of this, ${benchMass(Number(use.wasteKg))} stayed in the bowl.`}
      </Text>
      {use.total !== undefined && use.price !== undefined && (
        <>
          <Text as="h2" textStyle="name" mt={6} mb={2}>
            What it cost
          </Text>
          <Flex gap={6} wrap="wrap" alignItems="baseline">
            <Text textStyle="figure">{money(use.total)}</Text>
            {parts.map(([what, cost]) => (
              <Text key={what} color="quiet">
                {money(cost as number)} {what}
              </Text>
            ))}
            <Text color="quiet">sells at {money(use.price)}</Text>
          </Flex>
        </>
      )}
    </>
  );
}
