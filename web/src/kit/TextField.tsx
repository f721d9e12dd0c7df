import { Box, Input, Text } from '@chakra-ui/react';
import { type HTMLInputTypeAttribute, useId } from 'react';
import { Hint } from './Hint';
import type { Word } from './words';

interface Props {
  label: string;
  text: string;
  onText: (text: string) => void;
  problem?: string | undefined;
  type?: HTMLInputTypeAttribute;
  list?: string;
  autoComplete?: string;
  onLeave?: () => void;
  /** What it comes to, under it, where nothing is wrong. */
  note?: string | undefined;
  /** The trade word in its label that has a meaning to be looked up. */
  hint?: Word | undefined;
}

/** A field for words, or for a plain number; what is wrong with it stands under it. */
export function TextField({
  label,
  text,
  onText,
  problem,
  type = 'text',
  list,
  autoComplete = 'off',
  onLeave,
  note,
  hint,
}: Props) {
  const id = useId();
  const name = (
    <label htmlFor={id}>
      <Text as="span" textStyle="small" color="quiet">
        {label}
      </Text>
    </label>
  );
  return (
    <Box>
      {hint ? <Hint word={hint}>{name}</Hint> : name}
      <Input
        id={id}
        type={type}
        list={list}
        value={text}
        onChange={(e) => onText(e.target.value)}
        onBlur={onLeave}
        autoComplete={autoComplete}
        aria-invalid={problem ? true : undefined}
        aria-describedby={`${id}-problem`}
        fontFamily="heading"
        fontWeight={600}
        fontSize="20px"
        h="56px"
        bg="panel"
        borderWidth="2px"
        borderColor={problem ? 'oxide' : 'steel'}
      />
      <Text id={`${id}-problem`} textStyle="small" minH="20px" color={problem ? 'oxide' : 'quiet'}>
        {problem ?? note}
      </Text>
    </Box>
  );
}
