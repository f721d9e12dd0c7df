import { Box, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { newKey } from '../api/key';
import { messageOf } from '../api/client';
import { Choice } from '../kit/Choice';
import { day } from '../kit/style/time';
import { FormEnd } from '../kit/FormEnd';
import { Failed, Key, Loading } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { useTitle } from '../kit/useTitle';
import { PromisePanel } from '../promise/PromisePanel';
import { usePromise } from '../server/usePromise';
import { askedOf, draftOf, EMPTY_LINE, type OrderDraft, requestOf } from './draft';
import { LineRows } from './LineRows';
import { type Order, useCustomers, useOrder, useOrderActs } from '../server/useOrders';
import { DateField } from '../kit/DateField';

/** A new order, or a quote, with the date that can be given as it is written. */
export function NewOrderPage() {
  useTitle('New order');
  const [params] = useSearchParams();
  const start: OrderDraft = {
    customer: '',
    address: '',
    due: params.get('due') ?? '',
    note: '',
    quote: params.has('quote'),
    lines: [
      {
        ...EMPTY_LINE,
        goods: params.get('goods') ?? '',
        quantity: params.get('quantity') ?? '',
      },
    ],
  };
  return <Form start={start} title={start.quote ? 'New quote' : 'New order'} />;
}

export function ChangeOrderPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useOrder(id);
  useTitle(data ? `Change order ${data.number}` : 'Change order');
  return (
    <>
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the order" />}
      {data && <Form before={data} start={draftOf(data)} title={`Change order ${data.number}`} />}
    </>
  );
}

function Form({ before, start, title }: { before?: Order; start: OrderDraft; title: string }) {
  const navigate = useNavigate();
  const [draft, setDraft] = useState(start);
  const [key] = useState(() => newKey());
  const { submit, busy, error, problemOf } = useSubmit();
  const { keep, addCustomer } = useOrderActs();
  const customers = useCustomers();
  const promise = usePromise(before ? [] : askedOf(draft));
  const set = (changed: Partial<OrderDraft>) => setDraft({ ...draft, ...changed });
  const known = customers.data?.find(
    (c) => c.name.toLowerCase() === draft.customer.trim().toLowerCase(),
  );
  const send = async () => {
    const customerId =
      known?.id ??
      (draft.customer.trim()
        ? (
            await addCustomer.mutateAsync({
              name: draft.customer,
              ...(draft.address.trim() && { address: draft.address.replace(/, */g, '\n') }),
            })
          ).id
        : undefined);
    const kept = await keep.mutateAsync({
      ...(before && { before }),
      body: requestOf(draft, customerId),
      key,
    });
    void navigate(`/orders/${kept.id}`);
  };
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1060px">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void submit(send);
        }}
      >
        <Text as="h1" textStyle="title" mb={3}>
          {title}
        </Text>
        <Grid templateColumns={{ base: '1fr', md: '1.4fr 1fr 1fr' }} columnGap={4}>
          <TextField
            label="customer"
            list="customers"
            text={draft.customer}
            onText={(customer) => set({ customer })}
            problem={problemOf('customerId') ?? problemOf('name')}
          />
          <DateField
            label="due"
            text={draft.due}
            onText={(due) => set({ due })}
            problem={problemOf('due')}
          />
          <Choice
            label="kind"
            value={draft.quote ? 'quote' : 'order'}
            options={[['order', 'an order'] as const, ['quote', 'a quote'] as const]}
            onValue={(v) => set({ quote: v === 'quote' })}
          />
          {draft.customer.trim() && !known && (
            <TextField
              label="address of the new customer, lines separated by commas"
              text={draft.address}
              onText={(address) => set({ address })}
              problem={problemOf('address')}
            />
          )}
          <TextField
            label="note"
            text={draft.note}
            onText={(note) => set({ note })}
            problem={problemOf('note')}
          />
        </Grid>
        <datalist id="customers">
          {customers.data?.map((c) => (
            <option key={c.id} value={c.name} />
          ))}
        </datalist>
        <LineRows lines={draft.lines} onLines={(lines) => set({ lines })} problemOf={problemOf} />
        <Box mt={5}>
          {promise.error && (
            <Text color="oxide" fontWeight={600}>
              {messageOf(promise.error)}
            </Text>
          )}
          {!before && promise.data && (
            <PromisePanel promise={promise.data}>
              {draft.due !== promise.data.nineOfTen && (
                <Key onClick={() => set({ due: promise.data.nineOfTen })}>
                  {`Due ${day(promise.data.nineOfTen)}`}
                </Key>
              )}
            </PromisePanel>
          )}
        </Box>
        <FormEnd error={error} busy={busy}>
          {before ? 'Keep the change' : draft.quote ? 'Keep the quote' : 'Take the order'}
        </FormEnd>
      </form>
    </Box>
  );
}
