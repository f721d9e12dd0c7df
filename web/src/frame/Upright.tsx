import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useLocation } from 'react-router';
import { Link } from '../kit/Link';
import { WhoIsHere } from '../person/WhoIsHere';
import { places } from './places';

const Press = chakra('button');

interface Props {
  onKeys: () => void;
  night: { on: boolean; flip: () => void };
}

/** The slotted steel post; the page you are on is the bracket hooked into it. */
export function Upright({ onKeys, night }: Props) {
  const { pathname } = useLocation();
  const here = (path: string) => (path === '/' ? pathname === '/' : pathname.startsWith(path));
  return (
    <Flex
      as="nav"
      aria-label="Pages"
      bg="post"
      color="postInk"
      direction={{ base: 'row', md: 'column' }}
      w={{ base: '100%', md: '112px' }}
      minH={{ base: '56px', md: '100vh' }}
      position={{ md: 'sticky' }}
      top={0}
      h={{ md: '100vh' }}
      flexShrink={0}
      alignItems={{ base: 'center', md: 'stretch' }}
      overflowX="auto"
      backgroundImage={{
        md: 'repeating-linear-gradient({colors.slot} 0 14px, transparent 14px 34px)',
      }}
      backgroundSize="14px 100%"
      backgroundRepeat="no-repeat"
      backgroundPosition="8px 10px"
    >
      <Text
        textStyle="label"
        fontSize="22px"
        flexShrink={0}
        pl={{ base: 4, md: '40px' }}
        pr={{ base: 3, md: 0 }}
        pt={{ md: 7 }}
        pb={{ md: 4 }}
        lineHeight={1}
      >
        Iron Shelf
      </Text>
      {places.map((place) => (
        <Box key={place.path} position="relative">
          <Link to={place.path} aria-current={here(place.path) ? 'page' : undefined}>
            <Flex
              minH={{ base: '56px', md: '52px' }}
              alignItems="center"
              ml={{ md: '30px' }}
              px="10px"
              textStyle="label"
              fontSize="20px"
              fontWeight={here(place.path) ? 600 : 500}
              borderRadius={{ base: '4px', md: '4px 0 0 4px' }}
              bg={here(place.path) ? 'ground' : 'transparent'}
              color={here(place.path) ? 'ink' : 'postInk'}
              _before={
                here(place.path)
                  ? {
                      content: '""',
                      position: 'absolute',
                      left: '10px',
                      w: '24px',
                      h: '9px',
                      bg: 'ground',
                      display: { base: 'none', md: 'block' },
                    }
                  : {}
              }
            >
              {place.name}
            </Flex>
          </Link>
        </Box>
      ))}
      <Box flex={1} />
      <WhoIsHere />
      <Press
        type="button"
        onClick={night.flip}
        textStyle="small"
        minH="44px"
        px={2}
        pl={{ md: '40px' }}
        textAlign="left"
        cursor="pointer"
        aria-pressed={night.on}
      >
        night
      </Press>
      <Press
        type="button"
        onClick={onKeys}
        textStyle="small"
        minH="44px"
        px={2}
        pl={{ md: '40px' }}
        mb={{ md: 3 }}
        textAlign="left"
        cursor="pointer"
      >
        ? keys
      </Press>
    </Flex>
  );
}
