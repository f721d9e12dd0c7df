import { Box, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Choice } from '../kit/Choice';
import { FormEnd } from '../kit/FormEnd';
import { QuantityField } from '../kit/QuantityField';
import { useReader } from '../kit/quantity';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { bodyOf, draftOf, type MaterialDraft } from './materialDraft';
import { PackPicture } from './PackPicture';
import { ROLES } from './roles';
import type { Material, MaterialRequest, StartingMaterial } from '../server/useStock';
import { lightUnit, unitOf } from '../kit/style/units';
import { currencySign } from '../kit/style/money';
import { suggestion } from '../kit/style/entry';

interface Props {
  start: Material | StartingMaterial;
  /** The material that is changed; none where it is new. */
  before?: Material;
  name?: string;
  saveWords: string;
  save: (body: MaterialRequest) => Promise<unknown>;
}

/** What a material is: what it does, how heavy it is, how it is sold. */
export function MaterialForm({ start, before, name, saveWords, save }: Props) {
  const [draft, setDraft] = useState<MaterialDraft>(() => ({
    ...draftOf(start),
    ...(name !== undefined && { name }),
  }));
  const read = useReader();
  const { submit, busy, error, problemOf } = useSubmit();
  const set = (part: Partial<MaterialDraft>) => setDraft({ ...draft, ...part });
  const readOr = async (text: string, unit?: string) =>
    text.trim() === '' ? undefined : read(text, 'mass', unit);
  const send = async () => {
    const [scoopKg, spoonKg, pieceKg] = await Promise.all([
      readOr(draft.scoop),
      readOr(draft.spoon, lightUnit()),
      readOr(draft.piece, lightUnit()),
    ]);
    await save(bodyOf(draft, { scoopKg, spoonKg, pieceKg }, before));
  };
  const text = (field: keyof MaterialDraft, label: string, problem: string) => (
    <TextField
      label={label}
      hint={field === 'bulk' ? 'bulk density' : undefined}
      text={draft[field]}
      onText={(t) => set({ [field]: t })}
      problem={problemOf(problem)}
    />
  );
  return (
    <Grid
      as="form"
      templateColumns={{ base: '1fr', lg: '1fr 250px' }}
      columnGap={9}
      onSubmit={(e) => {
        e.preventDefault();
        void submit(send);
      }}
    >
      <Box>
        <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} columnGap={4}>
          {text('name', 'name', 'name')}
          <Choice
            label="used as"
            value={draft.role}
            options={ROLES}
            onValue={(role) => set({ role })}
            problem={problemOf('role')}
          />
        </Grid>
        <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(3, 1fr)' }} columnGap={4}>
          {text(
            'pack',
            `a pack (${suggestion(25, 'mass')} bag, ${suggestion(20, 'volume')} pail)`,
            'pack',
          )}
          {text('price', `a pack usually costs, ${currencySign()}`, 'pricePerPack')}
          {text('lead', 'days until it comes', 'leadDays')}
          {text('density', 'density against water', 'relativeDensity')}
          {text('bulk', `weighs loose, ${unitOf('density')}`, 'bulkDensityKgM3')}
          <QuantityField
            label="or: one level scoop weighs"
            text={draft.scoop}
            onText={(scoop) => set({ scoop })}
            dimension="mass"
            problem={problemOf('scoopKg')}
          />
          {draft.role === 'binder' &&
            text('cement', 'of that cement, % (a bagged mix 15 to 20)', 'cementPercent')}
          {draft.role === 'aggregate' && (
            <>
              {text('grain', `largest grain, ${unitOf('length')}`, 'largestGrainMm')}
              {text('moisture', 'water in it as it lies, %', 'moisturePercent')}
              {text('absorption', 'of that it keeps, %', 'absorptionPercent')}
            </>
          )}
          {(draft.role === 'admixture' || draft.role === 'sealer') &&
            text('solids', 'solids, % (the rest is water)', 'solidsPercent')}
          {(draft.role === 'pigment' || draft.role === 'admixture') && (
            <QuantityField
              label="one level spoon weighs"
              text={draft.spoon}
              onText={(spoon) => set({ spoon })}
              dimension="mass"
              unit={lightUnit()}
              problem={problemOf('spoonG')}
            />
          )}
          {(draft.role === 'insert' || draft.role === 'packing') && (
            <QuantityField
              label="one weighs"
              text={draft.piece}
              onText={(piece) => set({ piece })}
              dimension="mass"
              unit={lightUnit()}
              problem={problemOf('pieceG')}
            />
          )}
        </Grid>
        {text('note', 'note of its data sheet', 'note')}
        <FormEnd error={error} busy={busy}>
          {saveWords}
        </FormEnd>
      </Box>
      <Box>
        <PackPicture draft={draft} />
        <Text textStyle="small" color="quiet" mt={3}>
          Where values came with the application: {start.source}. Yours are better.
        </Text>
      </Box>
    </Grid>
  );
}
