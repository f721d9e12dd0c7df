import { chakra } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { useChangeWorkshop } from '../server/useWorkshop';
import { OtherShop } from '../workshop/OtherShop';
import type { Workshop } from './questions';
import { changeOf, shopOf } from './shop';

const Press = chakra('button');

/** What leads out of the set-up: to the demo, or to the shop as it is. */
export function ways(workshop: Workshop) {
  return (
    <>
      <Later workshop={workshop} />
      <OtherShop />
    </>
  );
}

function Later({ workshop }: { workshop: Workshop }) {
  const change = useChangeWorkshop();
  const navigate = useNavigate();
  const later = useMutation({
    mutationFn: async () => {
      const read = { mixerL: undefined, scoopL: undefined };
      await change.mutateAsync({
        version: workshop.version,
        body: changeOf(shopOf(workshop), workshop, read, true),
      });
      await navigate('/');
    },
  });
  return (
    <Press
      type="button"
      onClick={() => later.mutate()}
      display="block"
      minH="44px"
      textAlign="left"
      cursor="pointer"
    >
      Leave the rest for later
    </Press>
  );
}
