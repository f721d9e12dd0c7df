import { Box, chakra, Text } from '@chakra-ui/react';
import { useNavigate } from 'react-router';
import { useSession, useSignOut } from '../server/useSession';

const Press = chakra('button');

/** Whose name stands under what is done now, and how the next one takes over. */
export function WhoIsHere() {
  const { data } = useSession();
  const out = useSignOut();
  const navigate = useNavigate();
  if (!data || (!data.name && data.names.length === 0)) {
    return null;
  }
  return (
    <Box pl={{ md: '40px' }} px={{ base: 2, md: 0 }} flexShrink={0}>
      {data.name && (
        <Text textStyle="small" truncate>
          {data.name}
        </Text>
      )}
      <Press
        type="button"
        textStyle="small"
        minH="44px"
        textAlign="left"
        cursor="pointer"
        textDecoration="underline"
        disabled={out.isPending}
        onClick={() =>
          data.name
            ? out.mutate(undefined, { onSuccess: () => void navigate('/') })
            : void navigate('/sign-in')
        }
      >
        {data.name ? 'hand over' : 'who is here?'}
      </Press>
    </Box>
  );
}
