import { Box, Flex, Text } from '@chakra-ui/react';
import { Qr } from './Qr';
import type { Lan } from '../server/usePeople';

/** Whether other devices can come, at which address, and how they come to trust it. */
export function LanPanel({ lan, hasOwner }: { lan: Lan; hasOwner: boolean }) {
  const trust = lan.trustAddresses[0];
  if (!lan.open || !trust) {
    return (
      <Box
        as="section"
        aria-label="Other devices"
        borderLeft="5px solid"
        borderColor="ochre"
        pl={4}
      >
        <Text textStyle="name">Only this machine</Text>
        <Text color="quiet">
          {lan.wanted
            ? 'Other devices can come as soon as an owner has a password.'
            : hasOwner
              ? 'To let tablets in, stop Iron Shelf and start it with ./run --lan.'
              : 'To let tablets in, give an owner a password here, then start Iron Shelf with ./run --lan.'}
        </Text>
      </Box>
    );
  }
  return (
    <Box as="section" aria-label="Other devices">
      <Text textStyle="name">Open to devices in this network</Text>
      <Flex gap={5} mt={2} alignItems="flex-start" wrap="wrap">
        <Qr text={trust} what="address of the page that tells how to trust this machine" />
        <Box flex={1} minW="220px">
          <Text>
            1. A new device first learns to trust this machine: scan, or open{' '}
            <Text as="span" fontWeight={600} wordBreak="break-all">
              {trust}
            </Text>
          </Text>
          <Text mt={2}>
            2. Then everything is at{' '}
            <Text as="span" fontWeight={600} wordBreak="break-all">
              {lan.addresses[0]}
            </Text>
            {lan.addresses.length > 1 && (
              <Text as="span" color="quiet" wordBreak="break-all">
                {' '}
                or {lan.addresses.slice(1).join(', ')}
              </Text>
            )}
          </Text>
          <Text textStyle="small" color="quiet" mt={2} fontFamily="mono" wordBreak="break-word">
            SHA-256 {lan.fingerprint}
          </Text>
        </Box>
      </Flex>
    </Box>
  );
}
