import { Box, Flex, Text } from '@chakra-ui/react';
import { benchMass } from '../kit/style/bench';
import { TextField } from '../kit/TextField';
import type { Sheet } from '../server/usePour';
import { wholeDegrees } from '../kit/style/units';

interface Props {
  sheet: Sheet;
  minutes: string;
  onMinutes: (text: string) => void;
}

/** How cold the water must be, or how much ice it takes, for the minutes wanted today. */
export function Cooling({ sheet, minutes, onMinutes }: Props) {
  const { cooling } = sheet;
  return (
    <Flex gap={4} mt={4} alignItems="center" wrap="wrap">
      <Box w="220px">
        <TextField label="working time needed, minutes" text={minutes} onText={onMinutes} />
      </Box>
      <Text role="status">
        {!cooling
          ? `Water at ${wholeDegrees(sheet.waterC)} buys ${sheet.workingMin.toFixed(0)} minutes.`
          : !cooling.reached
            ? 'Not even all the water as ice buys that. Make a smaller mix.'
            : cooling.iceKg > 0
              ? `Take ${benchMass(cooling.iceKg)} of the water as ice, the rest at ${wholeDegrees(cooling.waterC)}.`
              : `Water at ${wholeDegrees(cooling.waterC)} or colder does it.`}
      </Text>
    </Flex>
  );
}
