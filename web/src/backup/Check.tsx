import { Box, Text } from '@chakra-ui/react';
import { grouped } from '../kit/style/number';
import { Key } from '../kit/States';
import { useCheck } from '../server/useBackups';
import { Wrong } from '../kit/Wrong';

/** Whether the data is in order, looked through when asked. */
export function Check() {
  const check = useCheck();
  return (
    <Box as="section" aria-labelledby="in-order" mt={8}>
      <Text as="h2" id="in-order" textStyle="name">
        Is the data in order?
      </Text>
      <Text textStyle="small" color="quiet" mb={3}>
        Reads all of it, compares what was weighed with the stock, and pieces with orders. Changes
        nothing.
      </Text>
      <Key busy={check.isPending} onClick={() => check.mutate()}>
        Look through it
      </Key>
      <Wrong error={check.error} mt={2} />
      {check.data && (
        <Box role="status" mt={3}>
          <Text fontWeight={600} color={check.data.good ? 'ink' : 'oxide'}>
            {check.data.good ? 'The data is in order.' : 'The data is not in order.'}
          </Text>
          <Box as="ul" listStyleType="none" p={0} m={0}>
            {check.data.looked.map((looked) => (
              <Box as="li" key={looked.what} py={1}>
                {looked.wrong.length === 0 ? '✓' : '✗'} {looked.what}
                <Text as="span" color="quiet">
                  {' '}
                  ({grouped(looked.rows)})
                </Text>
                {looked.wrong.map((wrong) => (
                  <Text key={wrong} color="oxide" pl={5}>
                    {wrong}
                  </Text>
                ))}
              </Box>
            ))}
          </Box>
        </Box>
      )}
    </Box>
  );
}
