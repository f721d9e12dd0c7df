import { Box } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { useOwns } from '../server/useSession';
import { useBackups } from '../server/useBackups';

/** Stands over every page once the last good backup is over two days old. */
export function LateBackup() {
  const { data } = useBackups(useOwns());
  if (!data?.late) {
    return null;
  }
  return (
    <Box role="alert" bg="oxide" color="ground" px={{ base: 4, md: 9 }} py={2} fontWeight={600}>
      There is no good backup of the last two days.{' '}
      <Link to="/backups" className="plain-link">
        See to it
      </Link>
    </Box>
  );
}
