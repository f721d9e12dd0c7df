import { Box, Text } from '@chakra-ui/react';
import { benchMass } from '../kit/style/bench';
import { type Session, standing } from './script/facts';

/** Where all that was weighed is: in pieces, left, thrown, and what nobody can tell. */
export function Balance({ session }: { session: Session }) {
  const { inKg, outKg, leftKg, thrownKg, unaccountedKg } = session.state.bowl;
  if (inKg <= 0) {
    return null;
  }
  const facts = standing(session.facts);
  const lines = facts.flatMap(({ what }) =>
    what?.kind === 'leftOut'
      ? [`${what.copy} was left out: ${what.why}`]
      : what?.kind === 'thrown'
        ? [`thrown away: ${what.why}`]
        : [],
  );
  const two = session.state.copies.filter((c) => c.twice).map((c) => c.copy);
  return (
    <Box mt={4} fontSize="20px">
      <Text>
        {benchMass(inKg)} in: {benchMass(outKg)} in moulds, {benchMass(leftKg)} left
        {thrownKg > 0 && `, ${benchMass(thrownKg)} thrown`}
        {Math.abs(unaccountedKg) > 0.0005 * inKg &&
          `, ${benchMass(unaccountedKg)} not accounted for`}
        .
      </Text>
      {[...new Set(lines)].map((line) => (
        <Text key={line} color="quiet">
          {line}
        </Text>
      ))}
      {two.length > 0 && (
        <Text color="quiet">Two mixes met in {two.join(' ')}: a line can show there.</Text>
      )}
    </Box>
  );
}
