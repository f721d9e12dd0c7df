/** What each trade word means here; pages and the hints at labels both read it. */
export const WORDS = {
  allotted: 'A finished piece that is kept for one order line.',
  batch: 'What is mixed at once within a pour: as much as the mixer takes.',
  'bulk density':
    'How much a scoopful weighs, air between the grains included. Weigh one level scoop to know yours.',
  cast: 'One use of one mould copy. A copy wears a little with each.',
  colourway: 'The pigments of a recipe at given doses, with the extra water that they want.',
  copy: 'One physical mould of a design, with its code, its count of casts and its condition.',
  core: 'What stands in the mould and leaves the hollow. It floats unless it is held down.',
  'equivalent age':
    'The hours at the standard temperature that would have given the same strength: cold hours count less, warm ones more.',
  'green window':
    'From the moment a casting may come out until it is too hard to trim with a knife.',
  'hold-down': 'The weight that keeps a core from floating, a fifth more than it lifts.',
  layer: 'What is poured in one go into a mould: two colours are two layers.',
  'least wall': 'The thinnest that a wall may be in this mix before it breaks in use.',
  lot: 'One delivery of a material, used up oldest first.',
  mix: 'What is mixed at once, in one bowl or mixer. How it is made is its recipe.',
  mould:
    'A design: its shape, what it is made of, how it is prepared. Its copies are what you fill.',
  piece: 'One thing that came of a cast, with its number, its mass, its grade and its history.',
  pour: 'One mixing and filling: a recipe in a colour, into one or more copies.',
  'pour line': 'How high the mould is filled.',
  promise: 'The day that was given to the customer.',
  retention:
    'The mass of a dry piece over that of the wet mix it was cast of. Water leaves as it dries.',
  rinse: 'Washing the slime off after a bath, or the sealer does not hold.',
  route: 'The ordered steps of a product from pour to pack, with the hours between them.',
  sheet: 'What a pour means to do: what is weighed out, in which order, into which copies.',
  station: 'A place with limited room: the bath, the drying rack, the coating table.',
  'target weight':
    'What the scale must show to stop filling, so that the dry piece weighs what was ordered.',
  'water window':
    'The least and the most water that the mix may take. Start with the least; adding is easy.',
  'working time':
    'From wetting until the mix no longer flows; also called pot life. Half as long for every ten degrees Celsius warmer.',
  yield: 'How much wet mix really came of a recipe, over what the sum of its parts says.',
} as const;

export type Word = keyof typeof WORDS;
