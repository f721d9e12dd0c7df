/** The pages hooked into the upright, from top to bottom, and their keys. */
export const places = [
  { path: '/', name: 'Shelf', key: '1' },
  { path: '/orders', name: 'Orders', key: '2' },
  { path: '/pour', name: 'Pour', key: '3' },
  { path: '/moulds', name: 'Moulds', key: '4' },
  { path: '/mixes', name: 'Mixes', key: '5' },
  { path: '/stock', name: 'Stock', key: '6' },
] as const;
