import type { Schemas } from '../api/client';

export type Placement = NonNullable<Schemas['RecipeView']['placement']>;

interface Placing {
  /** How to fill a copy. */
  fill: string;
  /** What is done when all are filled, how, and what its key says. */
  title: string;
  note: string;
  done: string;
}

/** What is done to a mix in its mould, by how the recipe says that it is placed. */
export const PLACING: Readonly<Record<Placement, Placing>> = {
  poured: {
    fill: 'deepest part first; half, knife, top up',
    title: 'Tap',
    note: 'until the bubbles stop, and not once it stiffens',
    done: 'Tapped',
  },
  trowelled: {
    fill: 'trowel it into the corners, to a little above the rim',
    title: 'Strike off',
    note: 'level with the rim; go round the edge with the trowel',
    done: 'Struck off',
  },
  pressed: {
    fill: 'a finger’s length at a time, rammed; scratch each layer before the next',
    title: 'Ram the top',
    note: 'until it no longer gives; no water comes up',
    done: 'Rammed',
  },
  stamped: {
    fill: 'thin layers, packed firm into the corners',
    title: 'Smooth it and set the letters',
    note: 'while an impression stays; from the middle outwards',
    done: 'Lettered',
  },
  draped: {
    fill: 'soak the cloth through and let it drip off',
    title: 'Hang the cloth',
    note: 'over its form, the folds even; wipe the drips off',
    done: 'Hung',
  },
};
