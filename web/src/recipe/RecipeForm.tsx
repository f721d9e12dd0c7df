import { Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Choice } from '../kit/Choice';
import { FormEnd } from '../kit/FormEnd';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { type Kept, useStrengthClasses } from '../server/useRecipes';
import { OneLitre } from './OneLitre';
import { NO_MATERIAL, partOf, type PartDraft, PartRows } from './PartRows';
import { type NumberField, NUMBERS } from './numbers';
import { ADDITIONS, PLACEMENTS } from './words';
import { numberIn } from '../kit/format';
import { type Measure, temperature } from '../kit/style/units';
import { valueIn } from '../kit/style/read';
import { bareEntry } from '../kit/style/entry';
import type { Word } from '../kit/words';

interface Props {
  start: Kept;
  saveWords: string;
  save: (body: Kept) => Promise<unknown>;
}

/** A mix: its parts, its water, its clocks. */
export function RecipeForm({ start, saveWords, save }: Props) {
  const [kept, setKept] = useState(start);
  const [texts, setTexts] = useState<Record<string, string>>(() =>
    Object.fromEntries(NUMBERS.map(([f]) => [f, textOf(f, start[f])] as const)),
  );
  const [water, setWater] = useState({
    least: String(start.water?.leastPercent ?? 90),
    most: String(start.water?.mostPercent ?? 110),
  });
  const [parts, setParts] = useState<PartDraft[]>(
    start.parts.length > 0
      ? start.parts.map((p) => ({
          id: p.material === undefined ? String(p.materialId) : `take-${p.material}`,
          basis: p.basis ?? 'partsByVolume',
          amount: String(p.amount),
        }))
      : [{ id: NO_MATERIAL, basis: 'partsByVolume', amount: '1' }],
  );
  const { data: classes } = useStrengthClasses();
  const { submit, busy, error, problemOf } = useSubmit();
  const send = async () => {
    const numbers = Object.fromEntries(
      NUMBERS.filter(([f]) => (texts[f] ?? '').trim() !== '').map(([f]) => [
        f,
        valueOf(f, texts[f]),
      ]),
    );
    const rest = Object.fromEntries(
      Object.entries(kept).filter(([k]) => !NUMBERS.some(([f]) => f === k)),
    );
    await save({
      ...rest,
      ...numbers,
      water: { leastPercent: number(water.least), mostPercent: number(water.most) },
      parts: parts.filter((p) => p.id !== NO_MATERIAL).map(partOf),
    } as Kept);
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void submit(send);
      }}
    >
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} columnGap={4}>
        <TextField
          label="name"
          text={kept.name}
          onText={(name) => setKept({ ...kept, name })}
          problem={problemOf('name')}
        />
        <Choice
          label="order of addition"
          value={kept.addition ?? 'colourInPowder'}
          options={ADDITIONS}
          onValue={(addition) => setKept({ ...kept, addition })}
        />
        <Choice
          label="in the mould it is"
          value={kept.placement ?? 'poured'}
          options={PLACEMENTS}
          onValue={(placement) => setKept({ ...kept, placement })}
        />
        <TextField
          label="looks like, in words"
          text={kept.placing ?? ''}
          onText={(placing) => setKept({ ...kept, placing })}
        />
        <TextField
          label="caution at that step"
          text={kept.caution ?? ''}
          onText={(caution) => setKept({ ...kept, caution })}
        />
        <Choice
          label="gains strength like"
          value={kept.strengthClass ?? ''}
          options={[
            ['', 'not said'] as const,
            ...(classes ?? []).map((c) => [c.code, c.name] as const),
          ]}
          onValue={(code) => setKept(withClass(kept, code))}
          problem={problemOf('strengthClass')}
        />
      </Grid>
      <Text as="h2" textStyle="name" mb={2}>
        Parts
      </Text>
      <Grid templateColumns={{ base: '1fr', lg: '1fr 300px' }} columnGap={6}>
        <PartRows parts={parts} onParts={setParts} problemOf={problemOf} />
        <OneLitre
          parts={parts}
          airPercent={number(texts['airPercent'])}
          yieldFactor={number(texts['yieldFactor'])}
          batchYieldL={valueOf('batchYieldL', texts['batchYieldL'])}
        />
      </Grid>
      <Text as="h2" textStyle="name" mt={5} mb={2}>
        Water and clocks
      </Text>
      <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(3, 1fr)' }} columnGap={4}>
        <TextField
          label="least water, % of its own"
          hint="water window"
          text={water.least}
          onText={(least) => setWater({ ...water, least })}
          problem={problemOf('water.leastPercent')}
        />
        <TextField
          label="most water, % of its own"
          text={water.most}
          onText={(most) => setWater({ ...water, most })}
          problem={problemOf('water.mostPercent')}
        />
        {NUMBERS.map(([field, label]) => (
          <TextField
            key={field}
            label={label(temperature(20))}
            hint={HINTS[field]}
            text={texts[field] ?? ''}
            onText={(t) => setTexts({ ...texts, [field]: t })}
            problem={problemOf(field)}
          />
        ))}
      </Grid>
      <FormEnd error={error} busy={busy}>
        {saveWords}
      </FormEnd>
    </form>
  );
}

const HINTS: Partial<Record<NumberField, Word>> = {
  workingMinAt20C: 'working time',
  greenUntilAgeH: 'green window',
  yieldFactor: 'yield',
  retention: 'retention',
};

/** The numbers that have a unit of the shop. */
const MEASURES: Partial<Record<NumberField, Measure>> = {
  batchYieldL: 'volume',
  strength28Mpa: 'strength',
};

function textOf(field: NumberField, value: number | undefined): string {
  const measure = MEASURES[field];
  return measure ? bareEntry(value, measure) : value === undefined ? '' : String(value);
}

function valueOf(field: NumberField, text: string | undefined): number {
  const measure = MEASURES[field];
  return measure ? (valueIn(text ?? '', measure) ?? Number.NaN) : number(text);
}

function number(text: string | undefined): number {
  return numberIn(text ?? '');
}

function withClass(kept: Kept, code: string): Kept {
  const next = { ...kept, strengthClass: code };
  if (code === '') {
    delete (next as Partial<typeof next>).strengthClass;
  }
  return next;
}
