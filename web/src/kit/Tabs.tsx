import { chakra, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { Link } from './Link';

const Press = chakra('button');

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onValue: (value: T) => void;
}

/** One of a few ways to look at the same thing. */
export function Tabs<T extends string>({ label, value, options, onValue }: Props<T>) {
  return (
    <Flex role="group" aria-label={label} borderBottom="3px solid" borderColor="steel" wrap="wrap">
      {options.map(([v, words]) => (
        <Press
          key={v}
          type="button"
          aria-pressed={v === value}
          onClick={() => onValue(v)}
          minH="44px"
          px={4}
          cursor="pointer"
          textStyle="label"
          fontSize="19px"
          bg={v === value ? 'steel' : 'transparent'}
          color={v === value ? 'ground' : 'ink'}
        >
          {words}
        </Press>
      ))}
    </Flex>
  );
}

/** A key that leads to another page. */
export function LinkKey({
  to,
  main,
  children,
}: {
  to: string;
  main?: boolean;
  children: ReactNode;
}) {
  return (
    <Link to={to}>
      <Flex
        minH="56px"
        px={5}
        alignItems="center"
        justifyContent="center"
        borderRadius="4px"
        border="2px solid"
        borderColor={main ? 'ink' : 'steel'}
        bg={main ? 'ink' : 'transparent'}
        color={main ? 'ground' : 'ink'}
        textStyle="label"
        fontSize="21px"
        _hover={{ bg: main ? 'steel' : 'panel' }}
      >
        {children}
      </Flex>
    </Link>
  );
}
