import { Box, Input } from '@chakra-ui/react';
import { useId } from 'react';

interface Props {
  /** What is before its time, and since when it would not be. */
  asks: string;
  text: string;
  onText: (text: string) => void;
}

/** Asks for the reason of what is done before its time. */
export function WhyNow({ asks, text, onText }: Props) {
  const id = useId();
  return (
    <Box my={3}>
      <label htmlFor={id}>{asks}</label>
      <Input
        id={id}
        value={text}
        onChange={(e) => onText(e.target.value)}
        h="56px"
        bg="panel"
        borderColor="steel"
      />
    </Box>
  );
}
