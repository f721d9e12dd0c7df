import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../test-shop';
import type { Need } from '../server/useNeeds';
import { Lasts } from './Lasts';
import { MaterialRow } from './MaterialRow';
import { packsOf } from './packs';
import type { Stock } from '../server/useStock';

describe('packs as they stand', () => {
  it.each([
    [74.3, 25, [1, 1, 0.97]],
    [50, 25, [1, 1]],
    [3, undefined, [1]],
    [0, 25, []],
    [-2, 25, []],
  ])('%f of packs of %s', (left, pack, packs) =>
    expect(packsOf(left, pack).map((p) => Math.round(p * 100) / 100)).toEqual(packs),
  );
});

describe('how long it lasts', () => {
  const need = (outInWeeks?: number) =>
    ({
      material: 'White cement',
      lasting: { leftKg: [10, 6, 2, -2], outInWeeks },
      purchases: [],
    }) as unknown as Need;

  it('is drawn until it runs out, and says when', () => {
    show(<Lasts need={need(2.5)} />);
    expect(screen.getByRole('img', { name: 'White cement runs out in 2 weeks' })).toBeVisible();
  });

  it('is said where it lasts', () => {
    show(<Lasts need={need()} />);
    expect(screen.getByRole('img', { name: /lasts for all that is planned/ })).toBeVisible();
  });
});

describe('a material on its steel', () => {
  const stock = {
    material: {
      id: 3,
      name: 'Silica sand',
      role: 'aggregate',
      pack: '25 kg bag',
      packKg: 25,
      bulkDensityKgM3: 1550,
      source: 'from memory',
    },
    remainingKg: 74.3,
    lots: [{ id: 1, code: 'SS-1', remainingKg: 74.3, receivedOn: '2027-03-01' }],
  } as unknown as Stock;

  it('says its packs, and unfolds its lots on a press', () => {
    show(<MaterialRow stock={stock} need={null} />);
    expect(screen.getByText('74.3 kg')).toBeVisible();
    expect(screen.getByText(/^2 bags and 24\.3 kg/)).toBeVisible();
    expect(screen.getByText('the plan takes none of it')).toBeInTheDocument();
    expect(screen.queryByText('SS-1')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Lots of Silica sand' }));
    expect(screen.getByText('SS-1')).toBeVisible();
    expect(screen.getByRole('button', { name: 'Delivery' })).toBeVisible();
  });

  it('says nothing of the plan before it is known', () => {
    show(<MaterialRow stock={stock} need={undefined} />);
    expect(screen.getByText('74.3 kg')).toBeVisible();
    expect(screen.queryByText('the plan takes none of it')).toBeNull();
  });
});
