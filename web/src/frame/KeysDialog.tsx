import { Box, CloseButton, Dialog, Grid, Portal, Text } from '@chakra-ui/react';
import { Fragment } from 'react';
import { Link } from '../kit/Link';
import { places } from './places';

const KEYS: [string, string][] = [
  ...places.map((p): [string, string] => [`Alt ${p.key}`, p.name]),
  ['Tab', 'to the next group, copy or field'],
  ['Enter', 'press it'],
  ['Esc', 'close what is open'],
  ['?', 'these keys'],
];

export function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && onClose()}>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="ground" color="ink" borderRadius="4px">
            <Dialog.Header>
              <Dialog.Title textStyle="title">Keys</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb={6}>
              <Grid templateColumns="90px 1fr" rowGap={2}>
                {KEYS.map(([key, what]) => (
                  <Fragment key={key}>
                    <Text textStyle="label">{key}</Text>
                    <Text>{what}</Text>
                  </Fragment>
                ))}
              </Grid>
              <Box mt={4}>
                <Link className="plain-link" to="/words" onClick={onClose}>
                  What the words mean
                </Link>
              </Box>
            </Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton aria-label="Close" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
