/** The pages hooked into the upright, from top to bottom, and their keys. */
export const places = [
  { path: '/', name: 'Shelf', key: '1' },
  { path: '/next', name: 'Next', key: '2' },
  { path: '/orders', name: 'Orders', key: '3' },
  { path: '/plan', name: 'Plan', key: '4' },
  { path: '/pour', name: 'Pour', key: '5' },
  { path: '/products', name: 'Products', key: '6' },
  { path: '/moulds', name: 'Moulds', key: '7' },
  { path: '/recipes', name: 'Recipes', key: '8' },
  { path: '/stock', name: 'Stock', key: '9' },
  { path: '/dispatch', name: 'Send', key: '0' },
] as const;
