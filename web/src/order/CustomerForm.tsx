import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { useSearchParams } from 'react-router';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { useCustomers, useOrderActs } from '../server/useOrders';
import { Wrong } from '../kit/Wrong';

type Customer = Schemas['CustomerView'];

/** Who ordered, and where it goes. */
export function CustomerPart({ customerId }: { customerId: number }) {
  const { data } = useCustomers();
  const [params] = useSearchParams();
  const customer = data?.find((c) => c.id === customerId);
  if (!customer) {
    return null;
  }
  return (
    <details open={params.has('address')}>
      <Box as="summary" cursor="pointer" py={2} className="plain-link">
        {customer.address
          ? `goes to ${customer.address.replace(/\n/g, ', ')}`
          : 'no address kept yet'}
      </Box>
      <Form key={customer.version} customer={customer} />
    </details>
  );
}

function Form({ customer }: { customer: Customer }) {
  const { changeCustomer } = useOrderActs();
  const [name, setName] = useState(customer.name);
  const [address, setAddress] = useState((customer.address ?? '').replace(/\n/g, ', '));
  const [email, setEmail] = useState(customer.email ?? '');
  const { submit, busy, error, problemOf } = useSubmit();
  const send = () =>
    changeCustomer.mutateAsync({
      customer,
      body: {
        name,
        ...(address.trim() && { address: address.replace(/, */g, '\n') }),
        ...(email.trim() && { email }),
      },
    });
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void submit(send);
      }}
    >
      <Flex gap={4} wrap="wrap" alignItems="flex-end">
        <Box w="240px">
          <TextField label="customer" text={name} onText={setName} problem={problemOf('name')} />
        </Box>
        <Box w="360px">
          <TextField
            label="address, lines separated by commas"
            text={address}
            onText={setAddress}
            problem={problemOf('address')}
          />
        </Box>
        <Box w="240px">
          <TextField label="mail" text={email} onText={setEmail} problem={problemOf('email')} />
        </Box>
        <Box pb="20px">
          <Key type="submit" busy={busy}>
            Keep
          </Key>
        </Box>
      </Flex>
      <Wrong error={error} />
    </form>
  );
}
