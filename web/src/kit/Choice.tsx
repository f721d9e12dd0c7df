import { Box, NativeSelect, Text } from '@chakra-ui/react';
import { nativeSelectSlotRecipe } from '@chakra-ui/react/theme';
import { useId } from 'react';

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onValue: (value: T) => void;
  problem?: string | undefined;
}

/** One of a few, by the browser's own list: it works with gloves and by keyboard. */
export function Choice<T extends string>({ label, value, options, onValue, problem }: Props<T>) {
  const id = useId();
  return (
    <Box>
      <label htmlFor={id}>
        <Text as="span" textStyle="small" color="quiet">
          {label}
        </Text>
      </label>
      <NativeSelect.Root recipe={nativeSelectSlotRecipe} size="lg">
        <NativeSelect.Field
          id={id}
          value={value}
          onChange={(e) => onValue(e.target.value as T)}
          h="56px"
          bg="panel"
          borderColor={problem ? 'oxide' : 'steel'}
          borderWidth="2px"
          fontFamily="heading"
          fontWeight={600}
          fontSize="20px"
        >
          {options.map(([v, words]) => (
            <option key={v} value={v}>
              {words}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
      <Text textStyle="small" minH="20px" color="oxide">
        {problem}
      </Text>
    </Box>
  );
}
