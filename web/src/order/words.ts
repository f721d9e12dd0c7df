import type { Line, Order } from '../server/useOrders';

/** How far an order or a line is, as the shop says it. */
export const STAGES: Record<Order['stage'], string> = {
  quote: 'quote',
  open: 'nothing poured',
  pouring: 'being poured',
  curing: 'curing',
  ready: 'ready',
  partSent: 'part sent',
  sent: 'sent',
  cancelled: 'cancelled',
};

/** Where a line's pieces are, in words; nothing that is nought is said. */
export function progressWords(line: Line): string {
  const parts: [number, string][] = [
    [line.inMould, 'in the mould'],
    [line.curing, 'curing'],
    [line.ready, 'ready'],
    [line.sent, 'sent'],
    [line.scrapped, 'scrapped'],
    [line.refunded, 'came back'],
  ];
  const said = parts.filter(([n]) => n > 0).map(([n, what]) => `${n} ${what}`);
  const shades = line.shades > 1 ? `, of ${line.shades} shades` : '';
  return said.length > 0 ? said.join(', ') + shades : 'nothing poured yet';
}
