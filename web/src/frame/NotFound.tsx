import { Box } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { Empty } from '../kit/States';
import { useTitle } from '../kit/useTitle';

export function NotFound() {
  useTitle('Page not found');
  return (
    <Box px={8}>
      <Empty whole title="There is no page at this address">
        Go back, or to the{' '}
        <Link className="plain-link" to="/">
          shelf
        </Link>
        .
      </Empty>
    </Box>
  );
}
