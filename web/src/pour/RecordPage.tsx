import { Box, Grid, Text } from '@chakra-ui/react';
import { Fragment, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { Problem } from '../api/client';
import { newKey } from '../api/key';
import { MomentField } from '../kit/MomentField';
import { QuantityField } from '../kit/QuantityField';
import { useReader } from '../kit/quantity';
import { Awaited, Key } from '../kit/States';
import { benchMass, benchUnit } from '../kit/style/bench';
import { fieldOf, moment, momentIn } from '../kit/style/time';
import { TextField } from '../kit/TextField';
import { NothingChosen } from './NothingChosen';
import { useSubmit } from '../kit/useSubmit';
import { useTitle } from '../kit/useTitle';
import { useNow } from '../server/useWorkshop';
import { titleOf } from './words';
import { SheetSummary } from './SheetSummary';
import {
  type Sheet,
  usePoured,
  useSheet,
  type Wanted,
  wantedOf,
  isChosen,
  isEarly,
} from '../server/usePour';
import { Wrong } from '../kit/Wrong';

/** A pour that was made away from the screen: when, and what really went in where it is known. */
export function RecordPage() {
  useTitle('Record a pour');
  const [params] = useSearchParams();
  const wanted = wantedOf(params);
  const { data, error, refetch } = useSheet(wanted);
  return (
    <Box px={{ base: 4, md: 9 }} pt={7}>
      {!data && !isChosen(wanted) && <NothingChosen />}
      {!data && isChosen(wanted) && (
        <Awaited what="what is to be recorded" error={error} retry={() => void refetch()} />
      )}
      {data && <Form sheet={data} wanted={wanted} />}
    </Box>
  );
}

function Form({ sheet, wanted }: { sheet: Sheet; wanted: Wanted }) {
  const now = useNow();
  const navigate = useNavigate();
  const read = useReader();
  const poured = usePoured();
  const [key] = useState(newKey);
  const [when, setWhen] = useState(() => fieldOf(now));
  const [went, setWent] = useState<Record<string, string>>({});
  const [left, setLeft] = useState('');
  const { submit, busy, error } = useSubmit();
  const [early, setEarly] = useState('');
  const short = error instanceof Problem && error.code === 'stock.short';
  const at = momentIn(when);
  const record = async () => {
    const layers = await Promise.all(
      sheet.layers.map(async (layer, i) => ({
        weighOuts: await Promise.all(
          layer.lines.map(async (line) => {
            const typed = went[`${i}-${line.materialId}`]?.trim();
            return {
              materialId: line.materialId,
              actualKg: typed ? await read(typed, 'mass', benchUnit(line.massKg)) : line.massKg,
              measured: Boolean(typed),
            };
          }),
        ),
      })),
    );
    const made = await poured.mutateAsync({
      key,
      body: {
        fills: sheet.fills.map((fill) => {
          const lineId = wanted.fills.find((f) => f.productId === fill.product.id)?.lineId;
          return {
            productId: fill.product.id,
            ...(lineId !== undefined && { lineId }),
            copies: fill.copies.map(({ copy }) => ({ id: copy.id, version: copy.version })),
          };
        }),
        colourwayId: sheet.colourway.id,
        firstLayer: sheet.firstLayer,
        layers,
        acceptShort: short,
        ...(early.trim() && { earlyReason: early.trim() }),
        ...(at !== undefined && { pouredAt: new Date(Math.min(at, now)).toISOString() }),
        ...(left.trim() && { leftKg: await read(left, 'mass', benchUnit(1)) }),
      },
    });
    await navigate(`/pours/${made.id}`);
  };
  return (
    <Grid templateColumns={{ base: '1fr', lg: '560px 1fr' }} gap={10}>
      <Box
        as="form"
        onSubmit={(e) => {
          e.preventDefault();
          void submit(record);
        }}
      >
        <Text as="h1" textStyle="title">
          Poured already
        </Text>
        <Text fontSize="20px" mb={4}>
          {titleOf(sheet)}, in{' '}
          {sheet.fills.flatMap((f) => f.copies.map((c) => c.copy.code)).join(' ')}
        </Text>
        <MomentField label="wetted" text={when} onText={setWhen} />
        <Text color="quiet" mb={2}>
          {at !== undefined && at <= now ? `Recorded as of ${moment(at, now)}. ` : ''}
          What you leave empty counts as asked, and teaches nothing.
        </Text>
        <Grid templateColumns="1fr auto 200px" columnGap={5} alignItems="center">
          {sheet.layers.map((layer, i) => (
            <Fragment key={layer.name}>
              {sheet.layers.length > 1 && (
                <Text gridColumn="1 / -1" textStyle="label" mt={2}>
                  {layer.name}
                </Text>
              )}
              {layer.lines.map((line) => (
                <Fragment key={line.materialId}>
                  <Text>{line.name}</Text>
                  <Text color="quiet">{benchMass(line.massKg)} asked</Text>
                  <QuantityField
                    hideLabel
                    label={`${layer.name} ${line.name}, what went in`}
                    text={went[`${i}-${line.materialId}`] ?? ''}
                    onText={(text) => setWent({ ...went, [`${i}-${line.materialId}`]: text })}
                    dimension="mass"
                    unit={benchUnit(line.massKg)}
                  />
                </Fragment>
              ))}
            </Fragment>
          ))}
          <Text>Left in the bowl</Text>
          <Text color="quiet">if it was weighed</Text>
          <QuantityField
            hideLabel
            label="left in the bowl"
            text={left}
            onText={setLeft}
            dimension="mass"
            unit={benchUnit(1)}
          />
        </Grid>
        {isEarly(sheet) && (
          <TextField label="why it was poured early" text={early} onText={setEarly} />
        )}
        <Wrong error={error} my={2} />
        <Key main type="submit" busy={busy}>
          {short ? 'Record it anyway' : 'Record it'}
        </Key>
      </Box>
      <SheetSummary sheet={sheet} />
    </Grid>
  );
}
