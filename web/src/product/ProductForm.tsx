import { Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { Choice } from '../kit/Choice';
import { useReader } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { FormEnd } from '../kit/FormEnd';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { useMoulds } from '../server/useMoulds';
import { useRecipes } from '../server/useRecipes';
import { type LayerDraft, LayerRows, NO_LAYER, ORDERED } from './LayerRows';
import { ProductPicture } from './ProductPicture';
import { SoldIn } from './SoldIn';
import type { ProductRequest } from '../server/useProducts';
import { numberIn } from '../kit/format';
import { currencySign } from '../kit/style/money';
import { entry } from '../kit/style/entry';
import { Wrong } from '../kit/Wrong';

interface Props {
  start: ProductRequest;
  saveWords: string;
  save: (body: ProductRequest) => Promise<unknown>;
}

/** A product: its mould, its mix, its layers, and what it must weigh. */
export function ProductForm({ start, saveWords, save }: Props) {
  const { data: moulds } = useMoulds();
  const { data: recipes } = useRecipes();
  const read = useReader();
  const [name, setName] = useState(start.name);
  const [mouldId, setMouldId] = useState(String(start.mouldId ?? ''));
  const [recipeId, setRecipeId] = useState(String(start.recipeId ?? ''));
  const [price, setPrice] = useState(String(start.price ?? ''));
  const [minutes, setMinutes] = useState(String(start.minutesPerPiece ?? ''));
  const [goods, setGoods] = useState(String(start.goods ?? ''));
  const [place, setPlace] = useState(start.shelfPlace ?? '');
  const [layers, setLayers] = useState<LayerDraft[]>(() => draftsOf(start));
  const [mass, setMass] = useState(massText(start.target?.massKg));
  const [within, setWithin] = useState(massText(start.target?.toleranceKg));
  const [hardware, setHardware] = useState(massText(start.target?.hardwareKg));
  const [soldIn, setSoldIn] = useState<number[]>(start.soldIn ?? []);
  const { submit, busy, error, problemOf } = useSubmit();
  const colourways = recipes?.find((r) => String(r.recipe.firstId) === recipeId)?.colourways ?? [];
  const send = async () => {
    const [massKg, toleranceKg, hardwareKg] = await Promise.all(
      [mass, within, hardware].map((t) => (t.trim() === '' ? undefined : read(t, 'mass'))),
    );
    await save({
      name,
      ...(mouldId !== '' && { mouldId: Number(mouldId) }),
      ...(recipeId !== '' && { recipeId: Number(recipeId) }),
      price: number(price),
      minutesPerPiece: number(minutes),
      goods: number(goods),
      ...(place.trim() && { shelfPlace: place }),
      // Of another recipe, other colours.
      soldIn: soldIn.filter((id) => colourways.some((c) => c.id === id)),
      layers: layers.map((l) => ({
        name: l.name,
        ...(l.colourwayId !== ORDERED && { colourwayId: Number(l.colourwayId) }),
        sharePercent: number(l.share),
        waitH: number(l.wait),
        withoutFibre: l.withoutFibre,
        ...(l.again && { again: true }),
        ...(l.again && l.mouldId !== '' && { mouldId: Number(l.mouldId) }),
      })),
      ...(massKg !== undefined && {
        target: { massKg, toleranceKg: toleranceKg ?? 0, hardwareKg: hardwareKg ?? 0 },
      }),
    });
  };
  const choose = 'choose one';
  const mouldNames = (moulds?.items ?? []).map((m) => [String(m.id), m.name] as const);
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void submit(send);
      }}
    >
      <Grid templateColumns={{ base: '1fr', lg: '1fr 260px' }} columnGap={8}>
        <Grid templateColumns={{ base: '1fr', md: 'repeat(2, 1fr)' }} columnGap={4}>
          <TextField label="name" text={name} onText={setName} problem={problemOf('name')} />
          <Choice
            label="mould"
            value={mouldId}
            options={[['', choose] as const, ...mouldNames]}
            onValue={setMouldId}
            problem={problemOf('mouldId')}
          />
          <Choice
            label="recipe"
            value={recipeId}
            options={[
              ['', choose] as const,
              ...(recipes ?? []).map((r) => [String(r.recipe.firstId), r.recipe.name] as const),
            ]}
            onValue={setRecipeId}
            problem={problemOf('recipeId')}
          />
          <TextField
            label={`price, ${currencySign()}`}
            text={price}
            onText={setPrice}
            problem={problemOf('price')}
          />
          <TextField
            label="minutes to fill one"
            text={minutes}
            onText={setMinutes}
            problem={problemOf('minutesPerPiece')}
          />
          <TextField
            label={`release agent, inserts and packing per piece, ${currencySign()}`}
            text={goods}
            onText={setGoods}
            problem={problemOf('goods')}
          />
          <TextField
            label="ready pieces stand in"
            text={place}
            onText={setPlace}
            problem={problemOf('shelfPlace')}
          />
        </Grid>
        <ProductPicture
          mould={moulds?.items.find((m) => String(m.id) === mouldId)}
          recipe={recipes?.find((r) => String(r.recipe.firstId) === recipeId)}
          swatch={colourways.find((c) => soldIn.length === 0 || soldIn.includes(c.id))?.swatch}
        />
      </Grid>
      <Text as="h2" textStyle="name" mb={2}>
        Layers
      </Text>
      <LayerRows
        layers={layers}
        colourways={colourways}
        moulds={mouldNames}
        onLayers={setLayers}
        problemOf={problemOf}
      />
      <Wrong error={problemOf('layers')} mt={2} />
      {colourways.length > 0 && layers.some((l) => l.colourwayId === ORDERED) && (
        <SoldIn colourways={colourways} soldIn={soldIn} onSoldIn={setSoldIn} />
      )}
      <Text as="h2" textStyle="name" mt={5} mb={2}>
        Sold by its mass
      </Text>
      <Grid templateColumns={{ base: '1fr', md: 'repeat(3, 1fr)' }} columnGap={4}>
        <QuantityField label="dry mass" text={mass} onText={setMass} dimension="mass" />
        <QuantityField label="tolerance" text={within} onText={setWithin} dimension="mass" />
        <QuantityField
          label="hardware in it"
          text={hardware}
          onText={setHardware}
          dimension="mass"
        />
      </Grid>
      <FormEnd error={error} busy={busy}>
        {saveWords}
      </FormEnd>
    </form>
  );
}

function draftsOf(start: ProductRequest): LayerDraft[] {
  const layers = start.layers ?? [];
  return layers.length > 0
    ? layers.map((l) => ({
        name: l.name,
        colourwayId: l.colourwayId === undefined ? ORDERED : String(l.colourwayId),
        share: String(l.sharePercent),
        wait: String(l.waitH ?? 0),
        withoutFibre: l.withoutFibre ?? false,
        again: l.again ?? false,
        mouldId: l.mouldId === undefined ? '' : String(l.mouldId),
      }))
    : [{ ...NO_LAYER, name: 'whole', share: '100' }];
}

function massText(massKg: number | undefined): string {
  return massKg ? entry(massKg, 'mass') : '';
}

function number(text: string): number {
  return text.trim() === '' ? 0 : numberIn(text);
}
