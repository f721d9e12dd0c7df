import { Box } from '@chakra-ui/react';
import { useWorkshop } from '../server/useWorkshop';

/** The machine's clock was set back: the shop's time goes on, and says that it is not the machine's. */
export function ClockBack() {
  const { data } = useWorkshop();
  if (data?.clockBackMin === undefined) {
    return null;
  }
  const by =
    data.clockBackMin < 120
      ? `${data.clockBackMin} minutes`
      : `${Math.round(data.clockBackMin / 60)} hours`;
  return (
    <Box role="alert" bg="ochre" color="ground" px={{ base: 4, md: 9 }} py={2} fontWeight={600}>
      The clock of the shop’s machine was set back by {by}. Times here go on as before, so that what
      was done stays in order. Set the machine’s clock right.
    </Box>
  );
}
