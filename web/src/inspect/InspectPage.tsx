import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Choice } from '../kit/Choice';
import { FormEnd } from '../kit/FormEnd';
import { useReader } from '../kit/quantity';
import { QuantityField } from '../kit/QuantityField';
import { Failed, Key, Loading } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useSubmit } from '../kit/useSubmit';
import { useTitle } from '../kit/useTitle';
import { useMould } from '../mould/useMoulds';
import { type PieceUse, usePieceUse } from '../piece/usePiece';
import { PhotoField, sendPhoto } from '../photo/PhotoField';
import { useProducts } from '../product/useProducts';
import { Causes } from './Causes';
import { DefectMap } from './DefectMap';
import { type Defect, type SeenDefect, type Told, useDefects, useInspect } from './useInspect';

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

type Grade = 'first' | 'second' | 'scrap';

function Form({ use }: { use: PieceUse }) {
  const pieceId = use.piece.id;
  const { data: defects } = useDefects();
  const { data: products } = useProducts();
  const product = products?.find((p) => p.product.id === use.piece.productId)?.product;
  const { data: mould } = useMould(product?.mouldId);
  const [grade, setGrade] = useState<Grade>('first');
  const [seen, setSeen] = useState<SeenDefect[]>([]);
  const [asking, setAsking] = useState<Defect>();
  const [told, setTold] = useState<Told>({});
  const [mass, setMass] = useState('');
  const [note, setNote] = useState('');
  const [photo, setPhoto] = useState<Blob>();
  const [key] = useState(() => crypto.randomUUID());
  const inspect = useInspect(pieceId);
  const { submit, busy, error } = useSubmit();
  const read = useReader();
  const navigate = useNavigate();
  const add = (defect: Defect) => {
    setSeen([...seen.filter((d) => d.defect !== defect), { defect }]);
    setAsking(defect);
    if (grade === 'first') {
      setGrade('second');
    }
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
        Inspect {use.product.toLowerCase()}, piece {pieceId}
      </Text>
      <Text color="quiet" mb={4}>
        {use.colourway} · pour {use.piece.pourId}. Face, rim, base, corner, colour, level.
      </Text>
      <Grid templateColumns={{ base: '1fr', lg: '380px 1fr' }} gap={8}>
        <Box>
          {mould && (
            <DefectMap
              section={mould.section}
              swatch={use.swatch}
              defects={seen}
              onPoint={
                asking
                  ? (x, y) => setSeen(seen.map((d) => (d.defect === asking ? { ...d, x, y } : d)))
                  : undefined
              }
            />
          )}
          <Text textStyle="small" color="quiet" mb={3}>
            {asking
              ? `Press where it is: ${words(asking).toLowerCase()}.`
              : 'Name what you see, then press where it is.'}
          </Text>
          <Choice
            label="add a defect"
            value=""
            options={[
              ['', 'nothing more'] as const,
              ...(defects ?? []).map((d) => [d.defect, d.seen] as const),
            ]}
            onValue={(value) => value !== '' && add(value as Defect)}
          />
          {seen.map((d) => (
            <Flex key={d.defect} gap={3} alignItems="center" mb={1}>
              <Text flex={1} fontWeight={600}>
                {words(d.defect)}
              </Text>
              <Key onClick={() => setAsking(d.defect)}>Why?</Key>
              <Key onClick={() => setSeen(seen.filter((x) => x !== d))}>Remove</Key>
            </Flex>
          ))}
          <Choice
            label="grade"
            value={grade}
            options={[
              ['first', 'first'] as const,
              ['second', 'second'] as const,
              ['scrap', 'scrap'] as const,
            ]}
            onValue={setGrade}
          />
          <QuantityField label="mass" text={mass} onText={setMass} dimension="mass" />
          <TextField label="note" text={note} onText={setNote} />
          <PhotoField photo={photo} onPhoto={setPhoto} />
          <FormEnd error={error} busy={busy}>
            {grade === 'scrap' ? 'Scrap it' : `It is a ${grade}`}
          </FormEnd>
        </Box>
        <Box>
          {asking && (
            <>
              <Text as="h2" textStyle="name" mb={3}>
                Why: {words(asking).toLowerCase()}
              </Text>
              <Causes pieceId={pieceId} defect={asking} told={told} onTold={setTold} />
            </>
          )}
        </Box>
      </Grid>
    </form>
  );
}
