import { Box, DatePicker, Input, parseDate, Portal, Text } from '@chakra-ui/react';
import { datePickerSlotRecipe } from '@chakra-ui/react/theme';
import { useId, useState } from 'react';
import { nowMs } from './style/clock';
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

function read(words: string): string | undefined {
  return words.trim() === '' ? '' : readDate(words, dateAt(nowMs()));
}

/**
 * A field for a date: typed as people write it, or picked from a calendar of the shop's week. What
 * is typed stands in a field of its own, since the calendar's takes digits only.
 */
export function DateField({ label, text, onText, problem }: Props) {
  const id = useId();
  const [typed, setTyped] = useState<{ words: string; iso: string | undefined }>();
  const wrong = typed !== undefined && typed.iso === undefined;
  return (
    <Box>
      <DatePicker.Root
        recipe={datePickerSlotRecipe}
        value={kept(text)}
        onValueChange={(e) => {
          setTyped(undefined);
          onText(e.value[0]?.toString() ?? '');
        }}
        locale={localeTag()}
        timeZone={style().zone}
        startOfWeek={FIRST[style().firstDay]}
        closeOnSelect
        lazyMount
        unmountOnExit
        gap={0}
      >
        <label htmlFor={id}>
          <Text as="span" textStyle="small" color="quiet">
            {label}
          </Text>
        </label>
        <DatePicker.Control>
          <Input
            id={id}
            value={typed?.words ?? (kept(text).length > 0 ? date(text) : text)}
            onChange={(e) => {
              const words = e.target.value;
              const iso = read(words);
              setTyped({ words, iso });
              if (iso !== undefined) {
                onText(iso);
              }
            }}
            onBlur={() => setTyped(wrong ? typed : undefined)}
            autoComplete="off"
            h="56px"
            bg="panel"
            borderWidth="2px"
            borderColor={problem || wrong ? 'oxide' : 'steel'}
            fontFamily="heading"
            fontWeight={600}
            fontSize="20px"
            aria-invalid={problem || wrong ? true : undefined}
          />
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
        {wrong ? `Write it like ${date('2027-03-05')}.` : problem}
      </Text>
    </Box>
  );
}
