import { Box, Grid, Text } from '@chakra-ui/react';
import { Problem, type Schemas } from '../../api/client';
import { Choice } from '../../kit/Choice';
import { QuantityField } from '../../kit/QuantityField';
import { Key } from '../../kit/States';
import { TextField } from '../../kit/TextField';
import { useSubmit } from '../../kit/useSubmit';
import { useKinds } from '../../server/useMoulds';
import { FAMILIES } from '../words';
import { CoreFields } from './CoreFields';
import { LivePicture } from './LivePicture';
import { PartFields } from './PartFields';
import { PrepareFields } from './PrepareFields';
import { SolidFields } from './SolidFields';
import { useLiveSum } from '../../server/useLiveSum';
import { type MouldDraft, useMouldForm } from './useMouldForm';
import { currencySign } from '../../kit/style/money';
import { Wrong } from '../../kit/Wrong';

interface Props {
  start: MouldDraft;
  insertsKept: Schemas['Solid'][];
  saveWords: string;
  save: (body: Schemas['NewMould']) => Promise<unknown>;
}

/** A mould described: fields at the left, what it comes to at the right, changing as one types. */
export function MouldForm({ start, insertsKept, saveWords, save }: Props) {
  const { draft, change, cavity, body, leastWall } = useMouldForm(start, insertsKept);
  const { submit, busy, error: saved } = useSubmit();
  const { data: kinds } = useKinds();
  const kind = kinds?.find((k) => k.kind.code === draft.kind)?.kind;
  const live = useLiveSum(body && { ...body, ...(kind && { wallKind: kind.wallKind }) });
  const findings = [saved, live.error].flatMap((e) => (e instanceof Problem ? e.errors : []));
  // The sum speaks of "core", what is sent of "shape.core": both stand at the same field.
  const problemOf = (field: string) =>
    findings.find((f) => f.field === field || f.field === `shape.${field}`)?.message;
  const send = async () => {
    if (body) {
      await save(body);
    }
  };
  return (
    <Grid
      as="form"
      templateColumns={{ base: '1fr', lg: '1fr 420px' }}
      columnGap={8}
      onSubmit={(e) => {
        e.preventDefault();
        void submit(send);
      }}
    >
      <Box minW={0}>
        <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} columnGap={3}>
          <TextField
            label="name"
            text={draft.name}
            onText={(name) => change({ name })}
            problem={problemOf('name')}
          />
          <Choice
            label="family"
            value={draft.family}
            options={FAMILIES}
            onValue={(family) => change({ family })}
          />
          <Choice
            label="made of"
            value={draft.kind}
            options={(kinds ?? []).map((k) => [k.kind.code, k.kind.name] as const)}
            onValue={(next) => change({ kind: next })}
          />
          <TextField
            label={`price of one more copy, ${currencySign()}`}
            text={draft.price}
            onText={(price) => change({ price })}
            problem={problemOf('price')}
          />
        </Grid>
        <Text as="h2" textStyle="name" mt={2}>
          Its shape
        </Text>
        <SolidFields
          label="The cavity is a"
          draft={draft.cavity}
          onDraft={(next) => change({ cavity: next })}
          measurable
          problem={cavity.problem}
          problemOf={(f) => problemOf(f ? `cavity.${f}` : 'cavity')}
        />
        {draft.cavity.kind === 'measured' ? (
          <Grid templateColumns="1fr 1fr" columnGap={3}>
            <QuantityField
              label="its inner pot holds, if it has one"
              text={draft.coreL}
              onText={(coreL) => change({ coreL })}
              dimension="volume"
              problem={problemOf('coreL')}
            />
            <QuantityField
              label="the inner pot weighs"
              text={draft.coreMass}
              onText={(coreMass) => change({ coreMass })}
              dimension="mass"
              problem={problemOf('coreMassKg')}
            />
          </Grid>
        ) : draft.cavity.kind === 'sheet' ? null : (
          <CoreFields draft={draft} change={change} problemOf={problemOf} />
        )}
        <Grid templateColumns="1fr 1fr" columnGap={3}>
          <QuantityField
            label={draft.core ? 'least wall wanted' : 'least thickness wanted'}
            text={leastWall}
            onText={(text) => change({ leastWall: text })}
            dimension="length"
          />
          <TextField
            label="cavities in one mould"
            text={draft.cavities}
            onText={(cavities) => change({ cavities })}
            problem={problemOf('cavities')}
          />
        </Grid>
        <PartFields draft={draft} change={change} problem={problemOf('parts')} />
        <Text as="h2" textStyle="name" mt={4} mb={2}>
          Before each cast
        </Text>
        <PrepareFields draft={draft} change={change} kind={kind} problemOf={problemOf} />
        <Box mt={5} mb={8}>
          <Key main type="submit" busy={busy} disabled={!body || draft.name.trim() === ''}>
            {saveWords}
          </Key>
          <Wrong error={saved} mt={3} />
        </Box>
      </Box>
      <LivePicture live={live} offsetMm={body?.shape?.coreOffsetMm ?? 0} />
    </Grid>
  );
}
