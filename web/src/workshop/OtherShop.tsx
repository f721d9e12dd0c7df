import { chakra } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { until } from '../kit/style/clock';
import { client, dataOf, done, type Schemas } from '../api/client';
import { keyOf } from '../server/keys';

const Press = chakra('button');

/** A slow machine takes minutes to found the demo. */
const PATIENCE = { everyMs: 700, mostMs: 300_000 };

/** Waits until the application answers again as the other shop. */
async function other(demo: boolean): Promise<void> {
  const isOther = async () => {
    try {
      return (await dataOf(client.GET('/api/workshop'))).demo !== demo;
    } catch {
      // Not there yet.
      return false;
    }
  };
  if (!(await until(isOther, PATIENCE))) {
    throw new Error('It did not come back. Look at the window that ./run was started in.');
  }
}

/** While another is being opened, this page takes nothing: it would be lost when the other shop is loaded. */
function hold(held: boolean) {
  document.getElementById('root')?.toggleAttribute('inert', held);
}

/** From an own shop to the demo, and from the demo to an own shop, by one press. */
export function OtherShop() {
  const queries = useQueryClient();
  const demo = queries.getQueryData<Schemas['WorkshopView']>(keyOf('workshop'))?.demo ?? false;
  const open = useMutation({
    mutationFn: async () => {
      hold(true);
      await done(client.POST('/api/other-shop', {}));
      await other(demo);
      window.location.assign('/');
    },
    onError: () => hold(false),
  });
  const words = demo ? 'Set up your own shop' : 'Look at the demo instead';
  return (
    <>
      <Press
        type="button"
        onClick={() => open.mutate()}
        disabled={open.isPending}
        display="block"
        minH="44px"
        textAlign="left"
        cursor="pointer"
      >
        {open.isPending ? 'Opening: a few seconds, the first time up to a minute…' : words}
      </Press>
      {open.error && <span role="alert">{open.error.message}</span>}
    </>
  );
}
