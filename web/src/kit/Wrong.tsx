import { Text, type TextProps } from '@chakra-ui/react';
import { messageOf } from '../api/client';

interface Props extends TextProps {
  /** What was thrown, or said in words; nothing where it went well. */
  error: unknown;
}

/** What was wrong with what was just tried, said where it was tried. */
export function Wrong({ error, ...place }: Props) {
  return error === undefined || error === null || error === '' ? null : (
    <Text role="alert" color="oxide" fontWeight={600} {...place}>
      {messageOf(error)}
    </Text>
  );
}
