import { Box } from '@chakra-ui/react';
import { Fragment, type ReactNode } from 'react';
import { Loading } from '../kit/States';
import { setStyle } from '../kit/style/style';
import { styleDraftOf } from './styleDraft';
import { useWorkshop } from '../server/useWorkshop';

/** Draws nothing before it is known how the shop writes things, and all anew when that changes. */
export function StyleGate({ children }: { children: ReactNode }) {
  const { data, error } = useWorkshop();
  if (!data) {
    // Without an answer the pages say themselves what is wrong.
    return error ? (
      children
    ) : (
      <Box as="main">
        <Loading what="the workshop" />
      </Box>
    );
  }
  const style = { ...styleDraftOf(data), cup: data.cup };
  setStyle(style);
  return <Fragment key={JSON.stringify(style)}>{children}</Fragment>;
}
