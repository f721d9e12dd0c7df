import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { lazy, Suspense } from 'react';
import { useParams } from 'react-router';
import { Link } from '../kit/Link';
import { figures } from '../kit/style/number';
import { moment } from '../kit/style/time';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { FigureRow } from '../kit/Why';
import { useNow } from '../server/useWorkshop';
import { type StrengthView, useStrength } from '../server/usePiece';
import { saidParts, say, temperature } from '../kit/style/units';

const StrengthChart = lazy(() => import('./StrengthChart'));

const METHOD = { arrhenius: 'Arrhenius', nurseSaul: 'Nurse and Saul', en1992: 'EN 1992' } as const;

/** How strong a piece is: its age, its curve, and three methods side by side. */
export function StrengthPage() {
  const { id = '' } = useParams();
  useTitle(`Strength of piece ${id}`);
  const { data, error, refetch } = useStrength(id);
  return (
    <Box px={{ base: 4, md: 9 }} pt={6} maxW="1100px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="its strength" />}
      {data && <Whole id={id} strength={data} />}
    </Box>
  );
}

/** NIST SP 811, appendix B: 1 psi is 6.894 757 kPa. */

const percent = (share: number) => `${Math.round(share * 100)} %`;

function Whole({ id, strength }: { id: string; strength: StrengthView }) {
  const now = useNow();
  return (
    <>
      <Text as="h1" textStyle="title">
        Strength of piece {id}
      </Text>
      <Text color="quiet" mb={3}>
        Poured {moment(Date.parse(strength.pouredAt), now)} ·{' '}
        <Link className="plain-link" to={`/pieces/${id}`}>
          the piece
        </Link>{' '}
        ·{' '}
        <Link className="plain-link" to="/temperatures">
          temperatures
        </Link>
      </Text>
      {strength.warnings.map((w) => (
        <Text key={w.code} role="alert" color="oxide" fontWeight={600} mb={3}>
          {w.message}
        </Text>
      ))}
      <Box maxW="760px" mb={4}>
        <FigureRow
          value={String(Math.round(strength.share * 100))}
          unit="%"
          what="of its 28-day strength, by its mix’s own curve"
          short="by age"
        >
          The share that its binder class has at {figures(strength.ageH)} h of age. A test decides,
          not a curve.
        </FigureRow>
        {strength.strength28Mpa !== undefined && (
          <FigureRow
            {...saidParts(strength.share * strength.strength28Mpa, 'strength')}
            what="now, if the mix keeps what it promises"
            short="by its class"
          >
            Its recipe promises {say(strength.strength28Mpa, 'strength')} at 28 days on its data
            sheet; this is the same share of that. More water than the sheet allows makes it less.
          </FigureRow>
        )}
        <FigureRow
          value={figures(strength.ageH)}
          unit="h"
          what={`old, as if it had stood at ${temperature(20)}`}
          short="by warmth"
        >
          Equivalent age: the sum of exp(−5000 (1/T − 1/293.15)) over its hours, T in kelvin (ASTM
          C1074), along what the probes read where it stood.
        </FigureRow>
      </Box>
      <Suspense fallback={<Loading what="the curve" />}>
        <StrengthChart strength={strength} />
      </Suspense>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap={10} mt={4}>
        <Box as="section" aria-label="Three methods">
          <Text as="h2" textStyle="name" mb={2}>
            Three methods
          </Text>
          {strength.methods.map((m) => (
            <Grid
              key={m.method}
              templateColumns="140px 66px 56px 1fr"
              gap={3}
              py={1}
              borderBottom="1px solid"
              borderColor="rule"
              alignItems="baseline"
            >
              <Text fontWeight={600}>{METHOD[m.method]}</Text>
              <Text textStyle="label">{figures(m.equivalentAgeH)} h</Text>
              <Text textStyle="label">{percent(m.share)}</Text>
              <Text textStyle="small" color="quiet">
                {m.source}
              </Text>
            </Grid>
          ))}
          <Text textStyle="small" color="quiet" mt={2}>
            They differ: each counts cold in its own way. Where they disagree much, wait.
          </Text>
        </Box>
        <Box as="section" aria-label="Published curves">
          <Text as="h2" textStyle="name" mb={2}>
            Published curves at this age
          </Text>
          {strength.classes.map((c) => (
            <Flex key={c.name} gap={4} py={1} borderBottom="1px solid" borderColor="rule">
              <Text textStyle="label" w="60px">
                {percent(c.share)}
              </Text>
              <Text>{c.name}</Text>
            </Flex>
          ))}
        </Box>
      </Grid>
    </>
  );
}
