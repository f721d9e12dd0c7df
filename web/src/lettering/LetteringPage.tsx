import { Box, Grid, Text, Textarea } from '@chakra-ui/react';
import { useId, useState } from 'react';
import { useParams } from 'react-router';
import { Link } from '../kit/Link';
import { messageOf } from '../api/client';
import { Choice } from '../kit/Choice';
import { Failed, Key, Loading } from '../kit/States';
import { bareEntry } from '../kit/style/entry';
import { valueIn } from '../kit/style/read';
import { isUs } from '../kit/style/style';
import { length } from '../kit/style/units';
import { useTitle } from '../kit/useTitle';
import { MeasureField } from '../kit/MeasureField';
import { useMould, useMouldSum } from '../server/useMoulds';
import { EdgeTable } from './EdgeTable';
import { LetteringDrawing } from './LetteringDrawing';
import { StampFields, type StampDraft, useFirstSet } from './StampFields';
import { openTemplate, useLettering } from '../server/useLettering';
import { widthsIn } from './widths';
import { useSubmit } from '../kit/useSubmit';
import { Wrong } from '../kit/Wrong';

type Align = 'left' | 'centre' | 'right';

/** Lines of letters on a mould’s face, planned from the shop’s own stamps. */
export function LetteringPage() {
  const { id = '' } = useParams();
  const { data: mould, error, refetch } = useMould(id);
  const { data: sum } = useMouldSum(mould, mould?.shape.coreOffsetMm ?? 0);
  const first = useFirstSet();
  useTitle(mould ? `Lettering on ${mould.name}` : 'Lettering');
  const outline = sum?.plan.cavity[0];
  return (
    <Box px={{ base: 4, md: 9 }} pt={6} maxW="1160px">
      {error && !mould && <Failed whole error={error} retry={() => void refetch()} />}
      {!error && !(mould && sum && first) && <Loading what="the mould" />}
      {mould && sum && !outline && (
        <Text>
          The {mould.name} mould was measured, not drawn: its outline is not known.{' '}
          <Link className="plain-link" to={`/moulds/${id}/change`}>
            Draw it
          </Link>
        </Text>
      )}
      {mould && outline && first && (
        <Planner mouldId={mould.id} name={mould.name} outline={outline} first={first} />
      )}
    </Box>
  );
}

interface Props {
  mouldId: number;
  name: string;
  outline: number[][];
  first: StampDraft;
}

function Planner({ mouldId, name, outline, first }: Props) {
  const [text, setText] = useState('');
  const [stamps, setStamps] = useState(first);
  const [gap, setGap] = useState(() => bareEntry(isUs() ? 3.175 : 3, 'length'));
  const [lineGap, setLineGap] = useState(() => bareEntry(isUs() ? 12.7 : 12, 'length'));
  const [margin, setMargin] = useState(() => bareEntry(isUs() ? 12.7 : 15, 'length'));
  const [align, setAlign] = useState<Align>('centre');
  const printing = useSubmit();
  const textId = useId();
  const mm = (typed: string) => valueIn(typed, 'length') ?? 0;
  const lines = text
    .split('\n')
    .map((l) => l.trim())
    .filter((l) => l !== '');
  const usualMm = mm(stamps.width);
  const heightMm = mm(stamps.height);
  const { widthsMm, wrong: noStamps } = widthsIn(stamps.letters, usualMm);
  const asked = lines.length > 0 && usualMm > 0 && heightMm > 0 && noStamps === undefined;
  const request = asked
    ? {
        lines,
        widthsMm,
        letterMm: usualMm,
        heightMm,
        gapMm: mm(gap),
        lineGapMm: mm(lineGap),
        marginMm: mm(margin),
        align,
        outline,
      }
    : undefined;
  const { data, error } = useLettering(request);
  const shown = asked ? data : undefined;
  const missing = Object.entries(shown?.missing ?? {});
  return (
    <>
      <Text as="h1" textStyle="title">
        Lettering on{' '}
        <Link className="plain-link" to={`/moulds/${mouldId}`}>
          {name}
        </Link>
      </Text>
      <Grid templateColumns={{ base: '1fr', lg: '1fr 520px' }} columnGap={8} mt={3}>
        <Box>
          <label htmlFor={textId}>
            <Text as="span" textStyle="small" color="quiet">
              to be stamped, line by line
            </Text>
          </label>
          <Textarea
            id={textId}
            rows={3}
            value={text}
            onChange={(e) => setText(e.target.value)}
            bg="panel"
            borderColor="steel"
            textStyle="name"
            mb={4}
          />
          <StampFields draft={stamps} onDraft={setStamps} wrong={noStamps} />
          <Grid templateColumns="repeat(3, 1fr)" gap={3} mt={2}>
            <MeasureField label="between letters" measure="length" text={gap} onText={setGap} />
            <MeasureField
              label="between lines"
              measure="length"
              text={lineGap}
              onText={setLineGap}
            />
            <MeasureField label="margin" measure="length" text={margin} onText={setMargin} />
          </Grid>
          <Box w="200px">
            <Choice
              label="lines stand"
              value={align}
              options={[
                ['centre', 'in the middle'] as const,
                ['left', 'at the left'] as const,
                ['right', 'at the right'] as const,
              ]}
              onValue={setAlign}
            />
          </Box>
        </Box>
        <Box>
          <Box h="360px">
            <LetteringDrawing
              outline={outline}
              heightMm={heightMm}
              lettering={shown ?? NOTHING}
              title={`The face of ${name} with its letters, to scale`}
            />
          </Box>
          <Text role="status" mt={2} fontWeight={600} color={shown?.fits ? 'moss' : 'oxide'}>
            {shown && (shown.fits ? 'It can be set.' : 'It cannot be set.')}
            {shown &&
              shown.overHeightMm > 0 &&
              ` The lines are ${length(shown.overHeightMm)} too high.`}
            {missing.length > 0 && ` No stamp for ${missing.map(([letter]) => letter).join(', ')}.`}
            {asked && error && messageOf(error)}
          </Text>
          {!shown && <Text color="quiet">Type what is to be stamped, and it stands here.</Text>}
          {request && shown && (
            <Box mt={3}>
              <Key
                disabled={printing.busy}
                onClick={() => void printing.submit(() => openTemplate(request))}
              >
                Template 1:1
              </Key>
              <Wrong error={printing.error} />
            </Box>
          )}
        </Box>
      </Grid>
      {shown && <EdgeTable lettering={shown} />}
      <Text textStyle="small" color="quiet" mt={3}>
        Stamp-grade mix only: damp and firm, an impression stays. Dust each stamp, press once.
      </Text>
    </>
  );
}

const NOTHING = {
  fits: true,
  heightMm: 0,
  lineMm: 0,
  lines: [],
  missing: {},
  overHeightMm: 0,
};
