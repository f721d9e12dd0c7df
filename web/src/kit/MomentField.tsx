import { Grid } from '@chakra-ui/react';
import { DateField } from './DateField';
import { TimeField } from './TimeField';

interface Props {
  /** What happens then: "needed out", "done". */
  label: string;
  /** A date and a time of the shop's clock: "2027-03-05T07:00", or empty. */
  text: string;
  onText: (text: string) => void;
  problem?: string | undefined;
}

/** A moment on the shop's clock: its day and its time. */
export function MomentField({ label, text, onText, problem }: Props) {
  const [day = '', time = ''] = text.split('T');
  const put = (nextDay: string, nextTime: string) =>
    onText(nextDay === '' && nextTime === '' ? '' : `${nextDay}T${nextTime}`);
  return (
    <Grid templateColumns="1.5fr 1fr" columnGap={2}>
      <DateField
        label={`${label} on`}
        text={day}
        onText={(to) => put(to, time)}
        problem={problem}
      />
      <TimeField label="at" text={time} onText={(to) => put(day, to)} />
    </Grid>
  );
}
