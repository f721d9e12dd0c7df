import { Box, Input, Text } from '@chakra-ui/react';
import { useId } from 'react';
import { messageOf } from '../api/client';
import { type Dimension, echoOf, useReading } from './quantity';
import { isBare } from './style/read';
import { unitOf } from './style/units';

interface Props {
  label: string;
  text: string;
  onText: (text: string) => void;
  dimension: Dimension;
  /** What a bare number is in, where that is not the shop's usual unit for it. */
  unit?: string;
  placeholder?: string;
  big?: boolean;
  autoFocus?: boolean;
  hideLabel?: boolean;
  /** What the server said is wrong with it. */
  problem?: string | undefined;
}

/** A field that takes what people write and echoes how it was read. */
export function QuantityField(props: Props) {
  const {
    label,
    text,
    onText,
    dimension,
    unit = unitOf(dimension),
    placeholder,
    big,
    autoFocus,
    hideLabel,
    problem,
  } = props;
  const id = useId();
  const { data, error } = useReading(text, dimension, unit);
  const wrong = (text.trim() !== '' && error) || problem;
  const echo = text.trim() !== '' && data ? echoOf(data, dimension) : '';
  // What was typed in full needs no echo.
  const said = echo === '' || echo === text.trim() ? '' : `read as ${echo}`;
  return (
    <Box>
      <label htmlFor={id}>
        <Text as="span" textStyle="small" color="quiet" srOnly={hideLabel ?? false}>
          {label}
        </Text>
      </label>
      <Box position="relative">
        <Input
          id={id}
          value={text}
          onChange={(e) => onText(e.target.value)}
          placeholder={placeholder ?? ''}
          autoFocus={autoFocus ?? false}
          autoComplete="off"
          inputMode="text"
          aria-invalid={wrong ? true : undefined}
          aria-describedby={`${id}-unit ${id}-read`}
          fontFamily="heading"
          fontWeight={600}
          fontSize={big ? '56px' : '22px'}
          h={big ? '88px' : '56px'}
          bg="panel"
          borderColor={wrong ? 'oxide' : 'steel'}
          borderWidth="2px"
          _placeholder={{ color: 'quiet', fontWeight: 500 }}
          pr={big ? '96px' : '52px'}
        />
        <Text
          as="span"
          id={`${id}-unit`}
          position="absolute"
          right={3}
          bottom={big ? '26px' : '16px'}
          color="quiet"
          pointerEvents="none"
          fontSize={big ? '28px' : undefined}
        >
          {isBare(text) || text.trim() === '' ? unit : ''}
        </Text>
      </Box>
      <Text id={`${id}-read`} textStyle="small" minH="20px" color={wrong ? 'oxide' : 'quiet'}>
        {wrong ? (problem ?? messageOf(error)) : said}
      </Text>
    </Box>
  );
}
