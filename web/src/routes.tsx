import type { ComponentType } from 'react';
import type { RouteObject } from 'react-router';
import { Broken } from './frame/Broken';
import { Frame } from './frame/Frame';
import { NotFound } from './frame/NotFound';
import { Opening } from './frame/Opening';
import { fetched } from './kit/later';
import { OwnersPages } from './person/OwnersPages';
import { ShelfPage } from './shelf/ShelfPage';

/** A page whose script is fetched when it is first gone to. */
export function page(path: string, load: () => Promise<ComponentType>): RouteObject {
  // As a function: given by its name alone, a page that fails to come stays empty without a word.
  return { path, lazy: async () => ({ Component: await fetched(load) }) };
}

const WITHOUT_FRAME = [
  page('/pours/:id', () => import('./pour/bench/BenchPage').then((m) => m.BenchPage)),
  page('/pour/practice', () => import('./pour/bench/PracticePage').then((m) => m.PracticePage)),
  page('/sign-in', () => import('./person/HereSignIn').then((m) => m.HereSignIn)),
  page('/set-up/:step?', () => import('./setup/SetUpPage').then((m) => m.SetUpPage)),
  page('/products/new/:step?', () => import('./setup/SetUpPage').then((m) => m.NewProductSteps)),
];

const IN_THE_FRAME = [
  { path: '/', Component: ShelfPage },
  page('/backups', () => import('./backup/BackupsPage').then((m) => m.BackupsPage)),
  page('/people', () => import('./person/PeoplePage').then((m) => m.PeoplePage)),
  page('/orders', () => import('./order/OrdersPage').then((m) => m.OrdersPage)),
  page('/orders/new', () => import('./order/OrderFormPages').then((m) => m.NewOrderPage)),
  page('/orders/table', () => import('./order/OrderTablePage').then((m) => m.OrderTablePage)),
  page('/orders/:id', () => import('./order/OrderPage').then((m) => m.OrderPage)),
  page('/orders/:id/change', () => import('./order/OrderFormPages').then((m) => m.ChangeOrderPage)),
  page('/plan', () => import('./plan/PlanPage').then((m) => m.PlanPage)),
  page('/plan/days/:date', () => import('./plan/day/DaySheetPage').then((m) => m.DaySheetPage)),
  page('/plan/what-if', () => import('./plan/whatif/WhatIfPage').then((m) => m.WhatIfPage)),
  page('/plan/promise', () => import('./promise/PromisePage').then((m) => m.PromisePage)),
  page('/plan/needs', () => import('./needs/NeedsPage').then((m) => m.NeedsPage)),
  page('/dispatch', () => import('./dispatch/DispatchPage').then((m) => m.DispatchPage)),
  page('/dispatch/:orderId', () => import('./dispatch/PackPage').then((m) => m.PackPage)),
  page('/results', () => import('./result/ResultsPage').then((m) => m.ResultsPage)),
  page('/pour', () => import('./pour/ChoosePage').then((m) => m.ChoosePage)),
  page('/pour/sheet', () => import('./pour/SheetPage').then((m) => m.SheetPage)),
  page('/pour/recorded', () => import('./pour/RecordPage').then((m) => m.RecordPage)),
  page('/pour/weights', () => import('./pour/WeightsPage').then((m) => m.WeightsPage)),
  page('/pours', () => import('./pour/PoursPage').then((m) => m.PoursPage)),
  page('/products', () => import('./product/ProductsPage').then((m) => m.ProductsPage)),
  page('/products/new/form', () =>
    import('./product/ProductFormPages').then((m) => m.NewProductPage),
  ),
  page('/products/:id', () => import('./product/ProductPage').then((m) => m.ProductPage)),
  page('/products/:id/change', () =>
    import('./product/ProductFormPages').then((m) => m.ChangeProductPage),
  ),
  page('/products/:id/route', () => import('./route/RoutePage').then((m) => m.RoutePage)),
  page('/products/:id/sets', () => import('./product/SetsPage').then((m) => m.SetsPage)),
  page('/next', () => import('./next/NextPage').then((m) => m.NextPage)),
  page('/temperatures', () => import('./cure/TemperaturesPage').then((m) => m.TemperaturesPage)),
  page('/pieces/:id', () => import('./piece/PiecePage').then((m) => m.PiecePage)),
  page('/pieces/:id/strength', () => import('./piece/StrengthPage').then((m) => m.StrengthPage)),
  page('/pieces/:id/inspect', () => import('./inspect/InspectPage').then((m) => m.InspectPage)),
  page('/moulds', () => import('./mould/RackPage').then((m) => m.RackPage)),
  page('/moulds/new', () => import('./mould/form/FormPages').then((m) => m.NewMouldPage)),
  page('/moulds/tables', () => import('./exchange/ExchangePage').then((m) => m.ExchangePage)),
  page('/moulds/:id', () => import('./mould/MouldPage').then((m) => m.MouldPage)),
  page('/moulds/:id/change', () => import('./mould/form/FormPages').then((m) => m.ChangeMouldPage)),
  page('/moulds/:id/lettering', () =>
    import('./lettering/LetteringPage').then((m) => m.LetteringPage),
  ),
  page('/copies/:id', () => import('./copy/CopyPage').then((m) => m.CopyPage)),
  page('/scan', () => import('./copy/ScanPage').then((m) => m.ScanPage)),
  page('/recipes', () => import('./recipe/RecipesPage').then((m) => m.RecipesPage)),
  page('/recipes/new', () => import('./recipe/RecipeFormPages').then((m) => m.NewRecipePage)),
  page('/recipes/:id', () => import('./recipe/RecipePage').then((m) => m.RecipePage)),
  page('/recipes/:id/change', () =>
    import('./recipe/RecipeFormPages').then((m) => m.ChangeRecipePage),
  ),
  page('/stock', () => import('./material/StockPage').then((m) => m.StockPage)),
  page('/stock/use', () => import('./material/UsePage').then((m) => m.UsePage)),
  page('/stock/take', () => import('./material/TakePage').then((m) => m.TakePage)),
  page('/stock/new', () => import('./material/MaterialPages').then((m) => m.NewMaterialPage)),
  page('/stock/:id', () => import('./material/MaterialPages').then((m) => m.MaterialPage)),
  page('/workshop', () => import('./workshop/WorkshopPage').then((m) => m.WorkshopPage)),
  page('/words', () => import('./words/WordsPage').then((m) => m.WordsPage)),
  { path: '*', Component: NotFound },
];

export const routes: RouteObject[] = [
  {
    Component: OwnersPages,
    HydrateFallback: Opening,
    errorElement: <Broken />,
    children: [
      ...WITHOUT_FRAME,
      {
        Component: Frame,
        errorElement: <Broken />,
        // What fails within the frame leaves the way to the other pages.
        children: [{ errorElement: <Broken framed />, children: IN_THE_FRAME }],
      },
    ],
  },
];
