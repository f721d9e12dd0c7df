import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { LinkKey } from '../kit/Tabs';
import { Empty } from '../kit/States';
import { useMoulds } from '../server/useMoulds';
import { useProducts } from '../server/useProducts';

interface Props {
  /** What is said, and the keys that go on, where everything that has to be there is there. */
  title: string;
  children: ReactNode;
}

/**
 * An empty state that leads to the thing that must exist first: a product before anything else, then
 * a copy of its mould; only then what the page itself is for.
 */
export function FirstThing({ title, children }: Props) {
  const { data: products } = useProducts();
  const { data: moulds } = useMoulds();
  if (!products || !moulds) {
    return null;
  }
  if (products.length === 0) {
    return (
      <Empty title="There is nothing to make yet">
        Everything starts with a product: a shape, a mix, a colour.
        <Box mt={4}>
          <LinkKey main to="/products/new">
            Make the first product
          </LinkKey>
        </Box>
      </Empty>
    );
  }
  const used = new Set(products.map((p) => p.product.mouldId));
  const own = moulds.items.filter((m) => used.has(m.id));
  const none = own[0];
  if (none && own.every((m) => m.copies.every((c) => c.condition !== 'good'))) {
    return (
      <Empty title="No mould has a copy in use">
        A copy is one real mould, with its own code and count of casts.
        <Box mt={4}>
          <LinkKey main to={`/moulds/${none.id}`}>
            {`Add a copy of ${none.name}`}
          </LinkKey>
        </Box>
      </Empty>
    );
  }
  return <Empty title={title}>{children}</Empty>;
}
