import { chakra } from '@chakra-ui/react';

const Img = chakra('img');

/** A text as a QR code. */
export function Qr({ text, what }: { text: string; what: string }) {
  return (
    <Img
      src={`/api/lan/qr.svg?text=${encodeURIComponent(text)}`}
      alt={`QR code: ${what}`}
      w="150px"
      h="150px"
      bg="white"
    />
  );
}
