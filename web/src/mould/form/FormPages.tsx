import { Box, Text } from '@chakra-ui/react';
import { useNavigate, useParams } from 'react-router';
import { Failed, Loading } from '../../kit/States';
import { useTitle } from '../../kit/useTitle';
import { useKeepMould, useMould } from '../../server/useMoulds';
import { MouldForm } from './MouldForm';
import { draftOfMould, freshMould } from './useMouldForm';

/** A mould that is new to the shop. */
export function NewMouldPage() {
  useTitle('New mould');
  const keep = useKeepMould();
  const navigate = useNavigate();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7}>
      <Text as="h1" textStyle="title" mb={4}>
        New mould
      </Text>
      <MouldForm
        start={freshMould()}
        insertsKept={[]}
        saveWords="Keep this mould"
        save={async (body) => {
          const kept = await keep.mutateAsync({ body });
          await navigate(`/moulds/${kept.id}`);
        }}
      />
    </Box>
  );
}

/** A mould that is there, to be changed. */
export function ChangeMouldPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useMould(id);
  useTitle(data ? `Change ${data.name}` : 'Change a mould');
  const keep = useKeepMould();
  const navigate = useNavigate();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7}>
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the mould" />}
      {data && (
        <>
          <Text as="h1" textStyle="title" mb={4}>
            Change {data.name}
          </Text>
          <MouldForm
            key={data.version}
            start={draftOfMould(data)}
            insertsKept={data.shape.inserts}
            saveWords="Keep the change"
            save={async (body) => {
              await keep.mutateAsync({ mould: data, body });
              await navigate(`/moulds/${data.id}`);
            }}
          />
        </>
      )}
    </Box>
  );
}
