/** A word of the shop, as the server names it when its rows have changed. */
export type Topic =
  | 'backup'
  | 'copy'
  | 'cure'
  | 'customer'
  | 'device'
  | 'dispatch'
  | 'inspect'
  | 'lettering'
  | 'material'
  | 'mould'
  | 'order'
  | 'person'
  | 'photo'
  | 'piece'
  | 'plan'
  | 'pour'
  | 'product'
  | 'recipe'
  | 'route'
  | 'station'
  | 'workshop';

const SHOP: Topic[] = [
  'copy',
  'cure',
  'customer',
  'dispatch',
  'inspect',
  'material',
  'mould',
  'order',
  'piece',
  'plan',
  'pour',
  'product',
  'recipe',
  'route',
  'station',
  'workshop',
];

/** A sum over what is sent with it: old only when the shop's own settings are. */
const SUM: Topic[] = ['workshop'];

/** What ships with the application. */
const SHIPPED: Topic[] = [];

/** What a stream of its own tells as it goes. */
const TOLD: Topic[] = [];

/** Every answer of the server that pages keep, and the words whose change makes it old. */
const MADE_OF = {
  amount: ['material', 'workshop'],
  backups: ['backup'],
  carriers: SHIPPED,
  coat: ['mould', 'route', 'workshop'],
  copy: ['copy', 'mould', 'piece', 'pour', 'inspect', 'product', 'workshop'],
  customers: ['customer', 'order'],
  defects: SHIPPED,
  'density-fit': SUM,
  devices: ['device', 'person'],
  drainage: SUM,
  'hand-weight': SUM,
  lan: ['device', 'workshop'],
  'usual-tent': SHIPPED,
  'least-wall': ['workshop'],
  lettering: ['lettering', 'workshop'],
  'stamp-sets': ['lettering'],
  'live-sum': SUM,
  missing: SHOP,
  'mix-litre': ['material', 'recipe', 'workshop'],
  mould: ['copy', 'mould', 'piece', 'pour', 'product', 'workshop'],
  'mould-fit': SUM,
  'mould-kinds': SHIPPED,
  'mould-sum': ['mould', 'workshop'],
  moulds: ['copy', 'mould', 'piece', 'pour', 'product', 'workshop'],
  movements: ['material', 'pour'],
  needs: SHOP,
  'on-their-way': ['piece', 'product', 'route'],
  order: SHOP,
  orders: SHOP,
  outline: SUM,
  people: ['person'],
  photos: ['photo'],
  picks: ['dispatch', 'order', 'piece', 'product', 'workshop'],
  piece: ['copy', 'cure', 'dispatch', 'inspect', 'order', 'photo', 'piece', 'pour', 'product'],
  next: SHOP,
  plan: SHOP,
  'plan-run': TOLD,
  'pour-session': TOLD,
  poured: ['copy', 'inspect', 'material', 'person', 'piece', 'pour', 'product', 'recipe'],
  pours: ['pour', 'product', 'recipe', 'person'],
  'pours-open': ['pour', 'product', 'recipe', 'copy'],
  practice: SUM,
  'practice-state': SUM,
  practised: SUM,
  product: SHOP,
  products: SHOP,
  promise: SHOP,
  quantity: SUM,
  recipe: ['material', 'recipe', 'pour', 'piece', 'inspect', 'workshop'],
  recipes: ['material', 'recipe', 'pour', 'workshop'],
  results: SHOP,
  room: ['copy', 'order', 'pour', 'product'],
  route: ['product', 'route', 'station', 'workshop'],
  'route-line': ['route', 'station', 'workshop'],
  seconds: ['inspect', 'piece'],
  session: ['person', 'device'],
  'set-up': SUM,
  sets: ['inspect', 'order', 'piece', 'product'],
  sheet: SHOP,
  shelf: SHOP,
  'signed-in': ['person', 'device'],
  sphere: SUM,
  'starting-materials': ['material'],
  'starting-recipes': ['recipe'],
  'starting-routes': ['route'],
  'starting-shapes': ['workshop'],
  stations: ['station', 'route'],
  'step-kinds': ['route'],
  stock: ['material', 'pour', 'recipe', 'workshop'],
  'strength-classes': SHIPPED,
  'target-reading': SUM,
  temperatures: ['cure', 'workshop'],
  thermometer: TOLD,
  tipping: SUM,
  use: SHOP,
  waiting: ['copy', 'cure', 'piece', 'pour', 'product'],
  wax: SUM,
  workshop: ['workshop', 'person'],
} satisfies Record<string, Topic[]>;

export type Answer = keyof typeof MADE_OF;

/** How an answer is kept: by its name, and what it was asked with. */
export function keyOf(answer: Answer, ...askedWith: readonly unknown[]) {
  return [answer, ...askedWith] as const;
}

function madeOf(queryKey: readonly unknown[]): readonly string[] {
  return MADE_OF[queryKey[0] as Answer] ?? [];
}

/** Whether one of these words makes an answer old. */
export function isMadeOf(queryKey: readonly unknown[], topics: readonly string[]): boolean {
  return madeOf(queryKey).some((topic) => topics.includes(topic));
}

/** Whether an answer is of the shop's books: not a sum over what was sent, nor what ships. */
export function isOfTheBooks(queryKey: readonly unknown[]): boolean {
  return queryKey[0] === 'workshop' || madeOf(queryKey).some((topic) => topic !== 'workshop');
}
