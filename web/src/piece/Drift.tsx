import { Text } from '@chakra-ui/react';

/** Off by more than so much, a drift is worth a look. */
const WORTH_A_LOOK = 3;

/** How far what went in is off what was asked. */
export function Drift({ percent }: { percent: number }) {
  return (
    <Text textStyle="label" color={Math.abs(percent) > WORTH_A_LOOK ? 'ochre' : 'ink'}>
      {percent > 0 ? '+' : percent < 0 ? '−' : ''}
      {Math.abs(percent).toFixed(1)} %
    </Text>
  );
}
