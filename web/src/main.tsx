import '@fontsource/barlow-condensed/500.css';
import '@fontsource/barlow-condensed/600.css';
import '@fontsource-variable/source-sans-3';
import { ChakraProvider } from '@chakra-ui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Broken } from './frame/Broken';
import { Frame } from './frame/Frame';
import { NotFound } from './frame/NotFound';
import { BackupsPage } from './backup/BackupsPage';
import { ScanPage } from './copy/ScanPage';
import { CopyPage } from './copy/CopyPage';
import { ExchangePage } from './exchange/ExchangePage';
import { LetteringPage } from './lettering/LetteringPage';
import { ChangeMouldPage, NewMouldPage } from './mould/form/FormPages';
import { UsePage } from './material/UsePage';
import { MaterialPage, NewMaterialPage } from './material/MaterialPages';
import { TakePage } from './material/TakePage';
import { StockPage } from './material/StockPage';
import { MouldPage } from './mould/MouldPage';
import { RackPage } from './mould/RackPage';
import { ChangeOrderPage, NewOrderPage } from './order/OrderFormPages';
import { OrderPage } from './order/OrderPage';
import { OrderTablePage } from './order/OrderTablePage';
import { DispatchPage } from './dispatch/DispatchPage';
import { PackPage } from './dispatch/PackPage';
import { NeedsPage } from './needs/NeedsPage';
import { DaySheetPage } from './plan/day/DaySheetPage';
import { PlanPage } from './plan/PlanPage';
import { WhatIfPage } from './plan/whatif/WhatIfPage';
import { PromisePage } from './promise/PromisePage';
import { ResultsPage } from './result/ResultsPage';
import { OrdersPage } from './order/OrdersPage';
import { ChoosePage } from './pour/ChoosePage';
import { BenchPage } from './pour/bench/BenchPage';
import { PracticePage } from './pour/bench/PracticePage';
import { PoursPage } from './pour/PoursPage';
import { RecordPage } from './pour/RecordPage';
import { SheetPage } from './pour/SheetPage';
import { SetsPage } from './product/SetsPage';
import { ProductPage } from './product/ProductPage';
import { ProductsPage } from './product/ProductsPage';
import { NewProductSteps, SetUpPage } from './setup/SetUpPage';
import { ChangeProductPage, NewProductPage } from './product/ProductFormPages';
import { HereSignIn } from './person/HereSignIn';
import { Gate } from './person/Gate';
import { PeoplePage } from './person/PeoplePage';
import { PiecePage } from './piece/PiecePage';
import { WeightsPage } from './pour/WeightsPage';
import { ChangeRecipePage, NewRecipePage } from './recipe/RecipeFormPages';
import { RecipesPage } from './recipe/RecipesPage';
import { RecipePage } from './recipe/RecipePage';
import { ShelfPage } from './shelf/ShelfPage';
import { system } from './theme/theme';
import { WorkshopPage } from './workshop/WorkshopPage';
import { TemperaturesPage } from './cure/TemperaturesPage';
import { InspectPage } from './inspect/InspectPage';
import { NextPage } from './next/NextPage';
import { StrengthPage } from './piece/StrengthPage';
import { RoutePage } from './route/RoutePage';
import { StyleGate } from './workshop/StyleGate';
import { WordsPage } from './words/WordsPage';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5_000,
      retry: 1,
      refetchOnWindowFocus: true,
      // Without network the device's own store may answer; see vite.config.ts.
      networkMode: 'offlineFirst',
    },
  },
});

const router = createBrowserRouter([
  { path: '/pours/:id', element: <BenchPage />, errorElement: <Broken /> },
  { path: '/pour/practice', element: <PracticePage />, errorElement: <Broken /> },
  { path: '/sign-in', element: <HereSignIn />, errorElement: <Broken /> },
  { path: '/set-up/:step?', element: <SetUpPage />, errorElement: <Broken /> },
  { path: '/products/new/:step?', element: <NewProductSteps />, errorElement: <Broken /> },
  {
    element: <Frame />,
    errorElement: <Broken />,
    children: [
      { path: '/', element: <ShelfPage /> },
      { path: '/backups', element: <BackupsPage /> },
      { path: '/people', element: <PeoplePage /> },
      { path: '/orders', element: <OrdersPage /> },
      { path: '/orders/new', element: <NewOrderPage /> },
      { path: '/orders/table', element: <OrderTablePage /> },
      { path: '/orders/:id', element: <OrderPage /> },
      { path: '/orders/:id/change', element: <ChangeOrderPage /> },
      { path: '/plan', element: <PlanPage /> },
      { path: '/plan/days/:date', element: <DaySheetPage /> },
      { path: '/plan/what-if', element: <WhatIfPage /> },
      { path: '/plan/promise', element: <PromisePage /> },
      { path: '/plan/needs', element: <NeedsPage /> },
      { path: '/dispatch', element: <DispatchPage /> },
      { path: '/dispatch/:orderId', element: <PackPage /> },
      { path: '/results', element: <ResultsPage /> },
      { path: '/pour', element: <ChoosePage /> },
      { path: '/pour/sheet', element: <SheetPage /> },
      { path: '/pour/recorded', element: <RecordPage /> },
      { path: '/pour/weights', element: <WeightsPage /> },
      { path: '/pours', element: <PoursPage /> },
      { path: '/products', element: <ProductsPage /> },
      { path: '/products/new/form', element: <NewProductPage /> },
      { path: '/products/:id', element: <ProductPage /> },
      { path: '/products/:id/change', element: <ChangeProductPage /> },
      { path: '/products/:id/route', element: <RoutePage /> },
      { path: '/products/:id/sets', element: <SetsPage /> },
      { path: '/next', element: <NextPage /> },
      { path: '/temperatures', element: <TemperaturesPage /> },
      { path: '/pieces/:id', element: <PiecePage /> },
      { path: '/pieces/:id/strength', element: <StrengthPage /> },
      { path: '/pieces/:id/inspect', element: <InspectPage /> },
      { path: '/moulds', element: <RackPage /> },
      { path: '/moulds/new', element: <NewMouldPage /> },
      { path: '/moulds/tables', element: <ExchangePage /> },
      { path: '/moulds/:id', element: <MouldPage /> },
      { path: '/moulds/:id/change', element: <ChangeMouldPage /> },
      { path: '/moulds/:id/lettering', element: <LetteringPage /> },
      { path: '/copies/:id', element: <CopyPage /> },
      { path: '/scan', element: <ScanPage /> },
      { path: '/recipes', element: <RecipesPage /> },
      { path: '/recipes/new', element: <NewRecipePage /> },
      { path: '/recipes/:id', element: <RecipePage /> },
      { path: '/recipes/:id/change', element: <ChangeRecipePage /> },
      { path: '/stock', element: <StockPage /> },
      { path: '/stock/use', element: <UsePage /> },
      { path: '/stock/take', element: <TakePage /> },
      { path: '/stock/new', element: <NewMaterialPage /> },
      { path: '/stock/:id', element: <MaterialPage /> },
      { path: '/workshop', element: <WorkshopPage /> },
      { path: '/words', element: <WordsPage /> },
      { path: '*', element: <NotFound /> },
    ],
  },
]);

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
