import { Box, Text } from '@chakra-ui/react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { Failed, Loading } from '../kit/States';
import { useTitle } from '../kit/useTitle';
import { ProductForm } from './ProductForm';
import { useKeepProduct, useProduct } from '../server/useProducts';

export function NewProductPage() {
  useTitle('New product');
  const keep = useKeepProduct();
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const mould = Number(params.get('mould'));
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      <Text as="h1" textStyle="title" mb={4}>
        New product
      </Text>
      <ProductForm
        start={{ name: '', minutesPerPiece: 2, ...(mould > 0 && { mouldId: mould }) }}
        saveWords="Keep this product"
        save={async (body) => {
          const page = await keep.mutateAsync({ body });
          await navigate(`/products/${page.product.id}`);
        }}
      />
    </Box>
  );
}

export function ChangeProductPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = useProduct(id);
  useTitle(data ? data.product.name : 'Product');
  const keep = useKeepProduct();
  const navigate = useNavigate();
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1120px">
      {error && !data && <Failed whole error={error} retry={() => void refetch()} />}
      {!data && !error && <Loading what="the product" />}
      {data && (
        <>
          <Text as="h1" textStyle="title" mb={4}>
            {data.product.name}
          </Text>
          <ProductForm
            key={data.product.version}
            start={data.product}
            saveWords="Keep the change"
            save={async (body) => {
              await keep.mutateAsync({ before: data.product, body });
              await navigate(`/products/${data.product.id}`);
            }}
          />
        </>
      )}
    </Box>
  );
}
