import { Box, DatePicker, Input, parseDate, Portal, Text } from '@chakra-ui/react';
import { localeTag, style } from './style/style';
import { date, dateAt, readDate } from './style/time';

interface Props {
  label: string;
  /** As it travels: "2027-03-05", or empty. */
  text: string;
  onText: (text: string) => void;
  problem?: string | undefined;
}

const FIRST = { SUN: 0, MON: 1, TUE: 2, WED: 3, THU: 4, FRI: 5, SAT: 6 };

function kept(iso: string) {
  return /^\d{4}-\d\d-\d\d$/.test(iso) ? [parseDate(iso)] : [];
}

/** A field for a date: typed as people write it, or picked from a calendar of the shop's week. */
export function DateField({ label, text, onText, problem }: Props) {
  return (
    <Box>
      <DatePicker.Root
        value={kept(text)}
        onValueChange={(e) => onText(e.value[0]?.toString() ?? '')}
        locale={localeTag()}
        timeZone={style().zone}
        startOfWeek={FIRST[style().firstDay]}
        format={(value) => date(value.toString())}
        parse={(typed) => {
          const iso = readDate(typed, dateAt(Date.now()));
          return iso === undefined ? undefined : parseDate(iso);
        }}
        closeOnSelect
        lazyMount
        unmountOnExit
        gap={0}
      >
        <DatePicker.Label fontWeight={400} textStyle="small" color="quiet" lineHeight="inherit">
          {label}
        </DatePicker.Label>
        <DatePicker.Control>
          <DatePicker.Input asChild>
            <Input
              h="56px"
              bg="panel"
              borderWidth="2px"
              borderColor={problem ? 'oxide' : 'steel'}
              fontFamily="heading"
              fontWeight={600}
              fontSize="20px"
              aria-invalid={problem ? true : undefined}
            />
          </DatePicker.Input>
          <DatePicker.IndicatorGroup>
            <DatePicker.Trigger minW="44px" minH="44px" cursor="pointer" aria-label="Calendar">
              ▾
            </DatePicker.Trigger>
          </DatePicker.IndicatorGroup>
        </DatePicker.Control>
        <Portal>
          <DatePicker.Positioner>
            <DatePicker.Content bg="panel" color="ink" border="2px solid" borderColor="steel">
              <DatePicker.View view="day">
                <DatePicker.Header />
                <DatePicker.DayTable />
              </DatePicker.View>
              <DatePicker.View view="month">
                <DatePicker.Header />
                <DatePicker.MonthTable />
              </DatePicker.View>
              <DatePicker.View view="year">
                <DatePicker.Header />
                <DatePicker.YearTable />
              </DatePicker.View>
            </DatePicker.Content>
          </DatePicker.Positioner>
        </Portal>
      </DatePicker.Root>
      <Text textStyle="small" minH="20px" color="oxide">
        {problem}
      </Text>
    </Box>
  );
}
