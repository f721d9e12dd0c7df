import { Box, Flex, Text } from '@chakra-ui/react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { Choice } from '../kit/Choice';
import { Failed, Key, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { DeliveryForm } from './DeliveryForm';
import { Missing } from '../missing/Missing';
import { LotRow } from './LotRow';
import { MaterialForm } from './MaterialForm';
import { Movements } from './Movements';
import { useOwns } from '../server/useSession';
import { roleName } from './roles';
import { type Stock, useStartingMaterials, useStock, useStockActs } from '../server/useStock';
import { Wrong } from '../kit/Wrong';

/** One material: its lots, and what the shop knows of it. */
export function MaterialPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useStock();
  const stock = data?.find((s) => String(s.material.id) === id);
  useTitle(stock ? stock.material.name : 'Material');
  return (
    <Box px={{ base: 4, md: 9 }} pt={6} maxW="1120px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the material" />}
      {data && !stock && (
        <Failed
          whole
          error={new Error('There is no such material.')}
          retry={() => void refetch()}
        />
      )}
      {stock && <Whole key={stock.material.version} stock={stock} />}
    </Box>
  );
}

function Whole({ stock }: { stock: Stock }) {
  const { material } = stock;
  const [params, setParams] = useSearchParams();
  const acts = useStockActs();
  const owns = useOwns();
  const delivering = params.has('delivery');
  return (
    <>
      <Flex justifyContent="space-between" gap={4} wrap="wrap">
        <Box>
          <Text as="h1" textStyle="title">
            {material.name}
          </Text>
          <Text color="quiet">
            {roleName(material.role)}
            {material.retired && ' · retired'}
          </Text>
          {material.note && <Text fontWeight={600}>{material.note}</Text>}
        </Box>
        <Flex gap={3}>
          <Key onClick={() => setParams(delivering ? {} : { delivery: '' }, { replace: true })}>
            Delivery
          </Key>
          {owns && (
            <Key
              busy={acts.retire.isPending}
              onClick={() => acts.retire.mutate({ id: material.id, retired: !material.retired })}
            >
              {material.retired ? 'Buy it again' : 'Retire it'}
            </Key>
          )}
        </Flex>
      </Flex>
      <Wrong error={acts.retire.error} />
      <Missing about={`material-${material.id}`} codes={['missing.tooWet']} />
      {delivering && (
        <Box mt={3}>
          <DeliveryForm stock={stock} onDone={() => setParams({}, { replace: true })} />
        </Box>
      )}
      <Box mt={3} mb={5}>
        {stock.lots.length === 0 && <Text color="quiet">No lot of it yet: nothing in stock.</Text>}
        {stock.lots
          .filter((l) => Number(l.remainingKg) !== 0)
          .map((lot) => (
            <LotRow key={lot.id} lot={lot} />
          ))}
      </Box>
      {owns && (
        <MaterialForm
          start={material}
          before={material}
          saveWords="Keep the change"
          save={(body) => acts.change.mutateAsync({ before: material, body })}
        />
      )}
      <Movements materialId={material.id} />
    </>
  );
}

/** A material of the shop's own, started from the shipped one that is most like it. */
export function NewMaterialPage() {
  useTitle('New material');
  const [params, setParams] = useSearchParams();
  const { data, error, refetch } = useStartingMaterials();
  const acts = useStockActs();
  const navigate = useNavigate();
  const like = data?.find((m) => m.code === params.get('like')) ?? data?.[0];
  return (
    <Box px={{ base: 4, md: 9 }} pt={6} maxW="1120px">
      <Text as="h1" textStyle="title" mb={3}>
        New material
      </Text>
      {error && !data && <Failed error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the shipped materials" />}
      {like && (
        <>
          <Box maxW="420px">
            <Choice
              label="most like"
              value={like.code}
              options={(data ?? []).map((m) => [m.code, m.name] as const)}
              onValue={(code) => setParams({ like: code }, { replace: true })}
            />
          </Box>
          <MaterialForm
            key={like.code}
            start={like}
            name=""
            saveWords="Keep this material"
            save={async (body) => {
              const kept = await acts.change.mutateAsync({ body });
              await navigate(`/stock/${kept.id}`);
            }}
          />
        </>
      )}
    </Box>
  );
}
