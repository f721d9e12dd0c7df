import { Box, chakra, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { newKey } from '../api/key';
import { FormEnd } from '../kit/FormEnd';
import { useReader } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { Failed, Loading } from '../kit/States';
import { moment } from '../kit/style/time';
import { mass as massOf } from '../kit/style/units';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { useTitle } from '../kit/useTitle';
import { useMould } from '../server/useMoulds';
import { type PieceUse, usePieceUse } from '../server/usePiece';
import { PhotoField, sendPhoto } from '../photo/PhotoField';
import { useProducts } from '../server/useProducts';
import { isDue } from '../shelf/time';
import { useShelf } from '../server/useShelf';
import { WhyNow } from '../shelf/WhyNow';
import { has } from '../shelf/words';
import { SECOND_MS, useNow } from '../server/useWorkshop';
import { Causes } from './Causes';
import { DefectMap } from './DefectMap';
import { type Grade, suggested } from './grade';
import { GradeKeys } from './GradeKeys';
import { type Defect, type Told, useDefects, useInspect } from '../server/useInspect';
import type { SeenDefect } from '../server/useInspect';

/** A look at one piece: grade, what is wrong and where, and why. */
export function InspectPage() {
  const { id = '' } = useParams();
  useTitle(`Inspect piece ${id}`);
  const { data, error, refetch } = usePieceUse(id);
  return (
    <Box px={{ base: 4, md: 9 }} pt={6} maxW="1120px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the piece" />}
      {data && <Form use={data} />}
    </Box>
  );
}

const Press = chakra('button');

function Form({ use }: { use: PieceUse }) {
  const pieceId = use.piece.id;
  const { data: defects } = useDefects();
  const { data: products } = useProducts();
  const product = products?.find((p) => p.product.id === use.piece.productId)?.product;
  const { data: mould } = useMould(product?.mouldId);
  const [decided, setDecided] = useState<Grade>();
  const [seen, setSeen] = useState<SeenDefect[]>([]);
  const [asking, setAsking] = useState<Defect>();
  const [told, setTold] = useState<Told>({});
  const [mass, setMass] = useState('');
  const [note, setNote] = useState('');
  const [early, setEarly] = useState('');
  const [photo, setPhoto] = useState<Blob>();
  const [key] = useState(() => newKey());
  const inspect = useInspect(pieceId);
  const now = useNow(SECOND_MS);
  const { data: shelf } = useShelf();
  const group = shelf?.groups.find((g) => has(g, 'grades') && g.pieceIds.includes(pieceId));
  const { submit, busy, error } = useSubmit();
  const read = useReader();
  const navigate = useNavigate();
  const follows = suggested(seen);
  const grade = decided ?? follows.grade;
  const tooEarly = grade !== 'scrap' && group !== undefined && !isDue(group, now);
  const remove = (defect: Defect) => {
    setSeen(seen.filter((d) => d.defect !== defect));
    setAsking(asking === defect ? undefined : asking);
  };
  const add = (defect: Defect) => {
    setSeen([...seen, { defect }]);
    setAsking(defect);
  };
  const words = (defect: Defect) => defects?.find((d) => d.defect === defect)?.seen ?? defect;
  const send = async () => {
    const massKg = mass.trim() === '' ? undefined : await read(mass, 'mass');
    const looks = await inspect.mutateAsync({
      key,
      body: {
        ...(grade === 'scrap'
          ? { scrapReason: [...seen.map((d) => words(d.defect)), note].filter(Boolean).join(', ') }
          : { grade }),
        defects: seen,
        told,
        ...(massKg !== undefined && { massKg }),
        ...(note.trim() !== '' && { note: note.trim() }),
        ...(tooEarly && early.trim() !== '' && { earlyReason: early.trim() }),
      },
    });
    const actId = looks[looks.length - 1]?.actId;
    if (photo && actId !== undefined) {
      await sendPhoto(actId, photo);
    }
    await navigate(`/pieces/${pieceId}`);
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void submit(send);
      }}
    >
      <Text as="h1" textStyle="title">
        {use.product} {pieceId}
      </Text>
      <Text color="quiet" mb={3}>
        {use.colourway} · pour {use.piece.pourId}
        {use.piece.massKg !== undefined && ` · ${massOf(Number(use.piece.massKg))}`} · look at face,
        rim, base, corner, colour, level
      </Text>
      <Grid templateColumns={{ base: '1fr', lg: '1.25fr 1fr' }} gap={9}>
        <Box>
          {mould && (
            <DefectMap
              section={mould.section}
              swatch={use.swatch}
              defects={seen}
              words={words}
              onPoint={
                asking
                  ? (x, y) => setSeen(seen.map((d) => (d.defect === asking ? { ...d, x, y } : d)))
                  : undefined
              }
              onMark={remove}
            />
          )}
          <Text textAlign="center" color="quiet" mb={3} role="status">
            {asking
              ? `Press where it is: ${words(asking).toLowerCase()}. Press a mark to take it back.`
              : 'Press what you see, then where it is.'}
          </Text>
          <Flex wrap="wrap" gap={2} mb={5} role="group" aria-label="defects">
            {(defects ?? []).map((d) => {
              const on = seen.some((x) => x.defect === d.defect);
              return (
                <Press
                  key={d.defect}
                  type="button"
                  aria-pressed={on}
                  onClick={() => (on ? remove(d.defect) : add(d.defect))}
                  minH="44px"
                  px={4}
                  cursor="pointer"
                  textStyle="label"
                  fontSize="18px"
                  borderRadius="4px"
                  border="2px solid"
                  borderColor={on ? 'oxide' : 'steel'}
                  color={on ? 'oxide' : 'ink'}
                >
                  {d.seen}
                </Press>
              );
            })}
          </Flex>
        </Box>
        <Box>
          <Text as="h2" textStyle="name" borderBottom="3px solid" borderColor="steel" mb={3}>
            Why, by its own records
          </Text>
          {seen.length === 0 && (
            <Text color="quiet" mb={5}>
              Nothing is seen on it. What you press is looked up in its pour, its temperatures and
              its steps.
            </Text>
          )}
          {seen.map((d) => (
            <Box key={d.defect} mb={4}>
              <Text textStyle="label">{words(d.defect)}</Text>
              <Causes pieceId={pieceId} defect={d.defect} told={told} onTold={setTold} />
            </Box>
          ))}
          <GradeKeys
            grade={grade}
            why={decided ? 'as you decided' : follows.why}
            onGrade={setDecided}
          />
          {tooEarly && (
            <WhyNow
              asks={`It may be done ${moment(Date.parse(group.gateAt ?? ''), now)}. Why now?`}
              text={early}
              onText={setEarly}
            />
          )}
          <Grid templateColumns="1fr 1.4fr" columnGap={3}>
            <QuantityField label="mass" text={mass} onText={setMass} dimension="mass" />
            <TextField label="note" text={note} onText={setNote} />
          </Grid>
          <PhotoField photo={photo} onPhoto={setPhoto} />
          <FormEnd error={error} busy={busy}>
            {grade === 'scrap' ? 'Scrap it' : `It is a ${grade}`}
          </FormEnd>
        </Box>
      </Grid>
    </form>
  );
}
