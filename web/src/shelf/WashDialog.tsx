import { Box, Checkbox, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from '../kit/Link';
import { plural } from '../kit/format';
import { Caution, Key } from '../kit/States';
import { moment } from '../kit/style/time';
import { type ToWash, useWash } from '../server/useShelf';
import { ShelfDialog } from './ShelfDialog';
import { Wrong } from '../kit/Wrong';

interface Props {
  toWash: ToWash[];
  now: number;
  onClose: () => void;
}

/** Copies that stand dirty, to be said washed by one press. */
export function WashDialog({ toWash, now, onClose }: Props) {
  const [left, setLeft] = useState<number[]>([]);
  const wash = useWash();
  const chosen = toWash.filter((c) => !left.includes(c.copyId));
  return (
    <ShelfDialog title={<>Wash {plural(chosen.length, 'copy')}</>} onClose={onClose}>
      <Caution
        line="Gloves: what is left in them is caustic."
        more="Warm soapy water, at once: alkali left overnight eats the mould. Settle the water; keep it and every crumb out of drains and gardens."
      />
      <Box as="ul" listStyleType="none" my={3}>
        {toWash.map((c) => (
          <Box as="li" key={c.copyId} borderBottom="1px solid" borderColor="rule">
            <Checkbox.Root
              minH="44px"
              checked={!left.includes(c.copyId)}
              onCheckedChange={(e) =>
                setLeft(
                  e.checked === true ? left.filter((id) => id !== c.copyId) : [...left, c.copyId],
                )
              }
            >
              <Checkbox.HiddenInput />
              <Checkbox.Control borderColor="steel" />
              <Checkbox.Label>
                <b>{c.copy}</b> of{' '}
                <Link className="plain-link" to={`/moulds/${c.mouldId}`}>
                  {c.mould}
                </Link>
                <Text as="span" color="quiet">
                  , emptied {moment(Date.parse(c.since), now)}
                </Text>
              </Checkbox.Label>
            </Checkbox.Root>
          </Box>
        ))}
      </Box>
      <Wrong error={wash.error} mb={3} />
      <Key
        main
        busy={wash.isPending}
        disabled={chosen.length === 0}
        onClick={() =>
          wash.mutate({ copyIds: chosen.map((c) => c.copyId) }, { onSuccess: onClose })
        }
      >
        Washed: {chosen.length}
      </Key>
    </ShelfDialog>
  );
}
