import '@fontsource/barlow-condensed/500.css';
import '@fontsource/barlow-condensed/600.css';
import '@fontsource-variable/source-sans-3/index.css';
import { ChakraProvider } from '@chakra-ui/react';
import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { queryClient } from './server/queries';
import { Gate } from './person/Gate';
import { routes } from './routes';
import { system } from './theme/theme';
import { StyleGate } from './workshop/StyleGate';

const queries = queryClient({
  queries: {
    staleTime: 5_000,
    retry: 1,
    refetchOnWindowFocus: true,
    // Without network the device's own store may answer; see vite.config.ts.
    networkMode: 'offlineFirst',
  },
});

const router = createBrowserRouter(routes);

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <ChakraProvider value={system}>
        <QueryClientProvider client={queries}>
          <Gate>
            <StyleGate>
              <RouterProvider router={router} />
            </StyleGate>
          </Gate>
        </QueryClientProvider>
      </ChakraProvider>
    </StrictMode>,
  );
}
