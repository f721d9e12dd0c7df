import { Text } from '@chakra-ui/react';
import { useState } from 'react';
import { moment } from '../../kit/style/time';

interface Props {
  now: number;
  /** When it begins to stiffen; tapping after that cracks it. */
  stopAt: number | undefined;
}

/** How long it has been tapped, and when to stop at the latest. */
export function TapView({ now, stopAt }: Props) {
  const [since] = useState(now);
  const seconds = Math.max(0, Math.floor((now - since) / 1000));
  const late = stopAt !== undefined && now > stopAt;
  return (
    <>
      <Text textStyle="reading" color={late ? 'oxide' : 'ink'}>
        {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}
      </Text>
      <Text fontSize="20px" color={late ? 'oxide' : 'quiet'} mt={3}>
        {late
          ? 'Stop: it stiffens, and tapping cracks it now.'
          : `A minute or two is usual${stopAt === undefined ? '' : `; stop before ${moment(stopAt, now)}`}.`}
      </Text>
    </>
  );
}
