import { Box, Text } from '@chakra-ui/react';
import { Link } from '../kit/Link';
import { counted } from '../kit/format';
import { moment } from '../kit/style/time';
import { pathOf } from '../server/usePour';
import { PlacePanel } from './PlacePanel';
import { StepForm } from './StepForm';
import { TakeOutForm } from './TakeOutForm';
import { isDue } from './time';
import type { Group } from '../server/useShelf';
import { SECOND_MS, useNow } from '../server/useWorkshop';
import { comesOut, moved, stepWords } from './words';
import { ShelfDialog } from './ShelfDialog';

interface Props {
  group: Group;
  onClose: () => void;
}

/** A group's next step, opened by pressing it. What is due is asked no reason from that second on. */
export function GroupDialog({ group, onClose }: Props) {
  const now = useNow(SECOND_MS);
  const inMould = group.casts.length > 0;
  const gateAt = group.gateAt ? moment(Date.parse(group.gateAt), now) : undefined;
  const stays = inMould && !group.next && !comesOut(group);
  const words = inMould && !stays ? 'take out' : stepWords(group);
  const why = moved(group, now);
  return (
    <ShelfDialog
      title={
        <>
          {group.next ? '' : `${words.charAt(0).toUpperCase()}${words.slice(1)}: `}
          {counted(group.pieces, group.product)}
        </>
      }
      onClose={onClose}
    >
      <Text color="quiet" mb={3}>
        {group.colourway}
        {group.pourId ? ` · pour ${group.pourId}` : ''} ·{' '}
        <Link className="plain-link" to={`/moulds/${group.mouldId}`}>
          its mould
        </Link>{' '}
        ·{' '}
        <Link className="plain-link" to={`/products/${group.productId}/route`}>
          its route
        </Link>
        {group.pieceIds.length > 0 && ' · pieces '}
        {group.pieceIds.slice(0, 12).map((id) => (
          <Link key={id} className="plain-link" to={`/pieces/${id}`}>
            {id}{' '}
          </Link>
        ))}
      </Text>
      {group.warnings.map((w) => (
        <Text key={w.code} role="alert" color="oxide" fontWeight={600} mb={3}>
          {w.message}
        </Text>
      ))}
      {why && (
        <Text fontWeight={600} mb={3}>
          {why}{' '}
          <Link className="plain-link" to="/temperatures">
            temperatures
          </Link>
        </Text>
      )}
      {group.next && (
        <Text fontSize="20px" fontWeight={600} mb={4}>
          {inMould
            ? group.next.copies.join(' ')
            : `Into ${group.next.copies.join(' ') || 'a copy, when one is free'} again`}
          : then {group.next.layer} in {group.next.layerColourway.toLowerCase()},{' '}
          {isDue(group, now) ? 'stiff enough now' : `stiff enough ${gateAt}`}.{' '}
          <Link className="plain-link" to={pathOf(group.next)}>
            Its pour sheet
          </Link>
        </Text>
      )}
      {inMould ? (
        <>
          {stays ? (
            <StepForm group={group} now={now} onDone={onClose} />
          ) : (
            <TakeOutForm group={group} now={now} onDone={onClose} />
          )}
          <PlacePanel group={group} now={now} />
        </>
      ) : group.next ? null : group.step ? (
        <StepForm group={group} now={now} onDone={onClose} />
      ) : (
        <Box>Ready since {moment(Date.parse(group.since), now)}.</Box>
      )}
    </ShelfDialog>
  );
}
