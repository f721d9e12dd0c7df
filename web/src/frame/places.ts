/** The pages hooked into the upright, from top to bottom, and their keys. */
export const places = [
  { path: '/', name: 'Shelf', key: '1' },
  { path: '/next', name: 'Next', key: '2' },
  { path: '/orders', name: 'Orders', key: '3' },
  { path: '/pour', name: 'Pour', key: '4' },
  { path: '/moulds', name: 'Moulds', key: '5' },
  { path: '/mixes', name: 'Mixes', key: '6' },
  { path: '/stock', name: 'Stock', key: '7' },
] as const;
