import { Box, Grid, Text } from '@chakra-ui/react';
import { Choice } from '../kit/Choice';
import { benchMass } from '../kit/style/bench';
import { money } from '../kit/style/money';
import { inStyle } from '../kit/style/style';
import { clock, dateAt, day } from '../kit/style/time';
import { length, mass, temperature, volume } from '../kit/style/units';
import { SCALES, type StyleDraft, withUnits } from './styleDraft';
import { useNow } from '../server/useWorkshop';

interface Props {
  draft: StyleDraft;
  onDraft: (draft: StyleDraft) => void;
  problemOf: (field: string) => string | undefined;
}

const DAYS = [
  ['MON', 'Monday'],
  ['SUN', 'Sunday'],
  ['SAT', 'Saturday'],
] as const;

const names = new Intl.DisplayNames('en', { type: 'currency' });
const CURRENCIES = Intl.supportedValuesOf('currency').map(
  (code) => [code, `${code} · ${names.of(code) ?? code}`] as const,
);
const ZONES = Intl.supportedValuesOf('timeZone').map((zone) => [zone, zone] as const);

/** One that is kept but not listed by this browser stays a choice. */
function withKept(options: readonly (readonly [string, string])[], kept: string) {
  return options.some(([v]) => v === kept) ? options : [[kept, kept] as const, ...options];
}

/** Units, money, clock, week and zone; beside them, how things will read. */
export function StyleFields({ draft, onDraft, problemOf }: Props) {
  const set = (part: Partial<StyleDraft>) => onDraft({ ...draft, ...part });
  return (
    <Grid templateColumns={{ base: '1fr', lg: '1fr 300px' }} columnGap={9} rowGap={4}>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} columnGap={4} alignContent="start">
        <Choice
          label="units"
          value={draft.units}
          options={[
            ['metric', 'metric: kilograms, millimetres'] as const,
            ['us', 'US: pounds, ounces, inches'] as const,
          ]}
          onValue={(units) => onDraft(withUnits(draft, units))}
        />
        <Choice
          label="currency"
          value={draft.currency}
          options={withKept(CURRENCIES, draft.currency)}
          onValue={(currency) => set({ currency })}
          problem={problemOf('style.currency')}
        />
        <Choice
          label="clock"
          value={draft.clock}
          options={[['h24', '24 hours, 19:30'] as const, ['h12', '12 hours, 7:30 pm'] as const]}
          onValue={(to) => set({ clock: to })}
        />
        <Choice
          label="the week starts on"
          value={draft.firstDay}
          options={DAYS}
          onValue={(firstDay) => set({ firstDay })}
        />
        <Choice
          label="time zone of the shop"
          value={draft.zone}
          options={withKept(ZONES, draft.zone)}
          onValue={(zone) => set({ zone })}
          problem={problemOf('style.zone')}
        />
      </Grid>
      <Sample draft={draft} />
    </Grid>
  );
}

/** What the bench scale shows at the finest. */
export function ScaleChoice({ draft, onDraft }: Pick<Props, 'draft' | 'onDraft'>) {
  const at = SCALES.findIndex(
    (s) => s.unit === draft.scaleUnit && Math.abs(s.grams - draft.scaleG) < s.grams / 100,
  );
  return (
    <Choice
      label="the scale shows steps of"
      value={String(at < 0 ? 1 : at)}
      options={SCALES.map((s, i) => [String(i), `${s.step} ${s.unit}`] as const)}
      onValue={(i) => {
        const scale = SCALES[Number(i)];
        if (scale) {
          onDraft({ ...draft, scaleUnit: scale.unit, scaleG: scale.grams });
        }
      }}
    />
  );
}

function Sample({ draft }: { draft: StyleDraft }) {
  const now = useNow();
  const rows = inStyle(draft, () => [
    [benchMass(0.85), 'of cement on the scale'],
    [mass(20.41), 'a stone'],
    [length(177.8), 'a pot’s height'],
    [volume(0.95), 'a vase holds'],
    [temperature(20), 'in the room'],
    [money('48.50'), 'a bowl is sold for'],
    [clock(now), 'now'],
    [day(dateAt(now)), 'today'],
  ]);
  return (
    <Box
      as="section"
      aria-label="How it will read"
      borderTop="6px solid"
      borderColor="steel"
      pt={2}
    >
      {rows.map(([figure, what]) => (
        <Grid key={what} templateColumns="130px 1fr" alignItems="baseline" py={1}>
          <Text textStyle="label" fontSize="21px">
            {figure}
          </Text>
          <Text color="quiet">{what}</Text>
        </Grid>
      ))}
    </Box>
  );
}
