import { amount } from '../kit/format';
import type { Line, Order, OrderRequest } from '../server/useOrders';

/** A line as it is being written. */
export interface LineDraft {
  id?: number;
  goods: string;
  quantity: string;
  price: string;
  note: string;
}

/** An order as it is being written. */
export interface OrderDraft {
  customer: string;
  address: string;
  due: string;
  note: string;
  quote: boolean;
  lines: LineDraft[];
}

export const EMPTY_LINE: LineDraft = { goods: '', quantity: '', price: '', note: '' };

export function draftOf(order: Order): OrderDraft {
  return {
    customer: order.customer,
    address: '',
    due: order.due,
    note: order.note ?? '',
    quote: order.quote,
    lines: order.lines.map((l: Line) => ({
      id: l.id,
      goods: `${l.productId}-${l.colourwayId}`,
      quantity: String(l.quantity),
      price: (l.price ?? 0).toFixed(2),
      note: l.note ?? '',
    })),
  };
}

/** The product and colourway of a line; noughts where it has none. */
export function goodsOf(line: LineDraft): { productId: number; colourwayId: number } {
  const [productId = 0, colourwayId = 0] = line.goods.split('-').map(Number);
  return { productId, colourwayId };
}

/** What a promise is asked for: the lines that say something. */
export function askedOf(draft: OrderDraft) {
  return draft.lines
    .map((l) => ({ ...goodsOf(l), quantity: Math.round(amount(l.quantity) ?? 0) }))
    .filter((l) => l.productId > 0 && l.quantity > 0);
}

/** The order as it is sent; fields that say nothing are left out, and the server says so. */
export function requestOf(draft: OrderDraft, customerId: number | undefined): OrderRequest {
  return {
    ...(customerId !== undefined && { customerId }),
    ...(draft.due && { due: draft.due }),
    ...(draft.note.trim() && { note: draft.note }),
    quote: draft.quote,
    lines: draft.lines.map((l) => {
      const { productId, colourwayId } = goodsOf(l);
      const price = amount(l.price);
      return {
        ...(l.id !== undefined && { id: l.id }),
        ...(productId > 0 && { productId, colourwayId }),
        quantity: Math.round(amount(l.quantity) ?? 0),
        ...(price !== undefined && { price }),
        ...(l.note.trim() && { note: l.note }),
      };
    }),
  };
}
