import { describe, expect, it } from 'vitest';
import { askedOf, EMPTY_LINE, type OrderDraft, requestOf } from './draft';

const draft: OrderDraft = {
  customer: 'Osier and Tide',
  address: '',
  due: '2027-03-20',
  note: ' ',
  quote: true,
  lines: [
    { goods: '4-2', quantity: '12', price: '34,50', note: '' },
    { ...EMPTY_LINE, id: 7, goods: '5-2', quantity: 'three' },
  ],
};

describe('an order as it is written', () => {
  it('is sent with what it says and nothing else', () => {
    expect(requestOf(draft, 3)).toEqual({
      customerId: 3,
      due: '2027-03-20',
      quote: true,
      lines: [
        { productId: 4, colourwayId: 2, quantity: 12, price: 34.5 },
        { id: 7, productId: 5, colourwayId: 2, quantity: 0 },
      ],
    });
  });

  it('asks a promise only for lines that say how many of what', () => {
    expect(askedOf(draft)).toEqual([{ productId: 4, colourwayId: 2, quantity: 12 }]);
    expect(askedOf({ ...draft, lines: [EMPTY_LINE] })).toEqual([]);
  });
});
