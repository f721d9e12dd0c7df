import { Box, CloseButton, Dialog, Portal, Text } from '@chakra-ui/react';
import { Link } from 'react-router';
import { moment, counted } from '../kit/format';
import { TakeOutForm } from './TakeOutForm';
import { pathOf } from '../pour/usePour';
import { isDue } from './time';
import type { Group } from './useShelf';

interface Props {
  group: Group;
  now: number;
  onClose: () => void;
}

/** A group's next step, opened by pressing it. */
export function GroupDialog({ group, now, onClose }: Props) {
  const gateAt = group.gateAt ? moment(Date.parse(group.gateAt), now) : undefined;
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && onClose()} scrollBehavior="inside" size="lg">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="ground" color="ink" borderRadius="4px">
            <Dialog.Header pb={1}>
              <Dialog.Title textStyle="title">
                {group.board === 'mould' && !group.next ? 'Take out ' : ''}
                {counted(group.pieces, group.product)}
              </Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb={6}>
              <Text color="quiet" mb={4}>
                {group.colourway}
                {group.pourId ? ` · pour ${group.pourId}` : ''} ·{' '}
                <Link className="plain-link" to={`/moulds/${group.mouldId}`}>
                  its mould
                </Link>
              </Text>
              {group.next && (
                <Text fontSize="20px" fontWeight={600} mb={4}>
                  {group.next.copies.join(' ')}: then {group.next.layer} in{' '}
                  {group.next.layerColourway.toLowerCase()},{' '}
                  {isDue(group, now) ? 'stiff enough now' : `stiff enough ${gateAt}`}.{' '}
                  <Link className="plain-link" to={pathOf(group.next)}>
                    Its pour sheet
                  </Link>
                </Text>
              )}
              {group.board === 'mould' && <TakeOutForm group={group} now={now} onDone={onClose} />}
              {group.board === 'drying' && (
                <Box>
                  Drying since {moment(Date.parse(group.since), now)}. Dry enough to seal {gateAt}:
                  water still leaving would lift the sealer.
                </Box>
              )}
              {group.board === 'dry' && <Box>Dry, and ready to be sealed.</Box>}
            </Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="lg" aria-label="Close" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
