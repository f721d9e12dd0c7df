import { Text } from '@chakra-ui/react';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { client, dataOf, messageOf } from '../api/client';
import { newKey } from '../api/key';
import { plural } from '../kit/format';
import { Key } from '../kit/States';
import { keyOf } from '../server/keys';

/** Pieces that go the route of before, offered to go the new one from where they stand. */
export function TakeAlong({ productId }: { productId: number }) {
  const [key] = useState(newKey);
  const params = { path: { id: productId } };
  const { data } = useQuery({
    queryKey: keyOf('on-their-way', productId),
    queryFn: () => dataOf(client.GET('/api/products/{id}/route/pieces', { params })),
  });
  const take = useMutation({
    mutationFn: () =>
      dataOf(
        client.POST('/api/products/{id}/route/pieces', {
          params: { ...params, header: { 'Idempotency-Key': key } },
        }),
      ),
  });
  if (take.data) {
    return <Text>{plural(take.data.pieces, 'piece')} taken along to this route.</Text>;
  }
  if (!data || data.can.length + data.cannot.length === 0) {
    return <Text>It counts from the next pour on; nothing of it is on its way.</Text>;
  }
  return (
    <>
      <Text>
        It counts from the next pour on. {plural(data.can.length, 'piece')} on the way could go on
        by it{data.cannot.length > 0 && `; ${data.cannot.length} stand at a step it does not have`}.
      </Text>
      {data.can.length > 0 && (
        <Key busy={take.isPending} onClick={() => take.mutate()}>
          Take {plural(data.can.length, 'piece')} along
        </Key>
      )}
      {take.error && <Text color="oxide">{messageOf(take.error)}</Text>}
    </>
  );
}
