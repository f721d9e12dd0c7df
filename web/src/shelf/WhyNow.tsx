import { Box, Input } from '@chakra-ui/react';
import { useId } from 'react';
import { moment } from '../kit/style/time';

interface Props {
  /** When its time comes. */
  gateAt: string | undefined;
  now: number;
  text: string;
  onText: (text: string) => void;
}

/** Asks for the reason of what is done before its time. */
export function WhyNow({ gateAt, now, text, onText }: Props) {
  const id = useId();
  return (
    <Box my={3}>
      <label htmlFor={id}>It may be done {moment(Date.parse(gateAt ?? ''), now)}. Why now?</label>
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
