import type { Dimension } from '../../kit/quantity';
import type { Kind } from '../words';

/** One measure of a shape, as it is typed. */
export interface Field {
  name: string;
  label: string;
  dimension: Dimension | 'area' | 'number';
}

const mm = (name: string, label: string): Field => ({ name, label, dimension: 'length' });

/** The measures that are typed for each kind; what is drawn or sent as a file has its own parts. */
export const FIELDS: Record<Kind, Field[]> = {
  box: [mm('lengthMm', 'length'), mm('widthMm', 'width'), mm('heightMm', 'height')],
  cylinder: [mm('diameterMm', 'diameter'), mm('heightMm', 'height')],
  cone: [
    mm('topDiameterMm', 'across the top'),
    mm('baseDiameterMm', 'across the base'),
    mm('heightMm', 'height'),
  ],
  pyramid: [
    mm('topLengthMm', 'top length'),
    mm('topWidthMm', 'top width'),
    mm('baseLengthMm', 'base length'),
    mm('baseWidthMm', 'base width'),
    mm('heightMm', 'height'),
  ],
  sphere: [mm('diameterMm', 'diameter'), mm('flatDiameterMm', 'across the opening')],
  polygonPrism: [
    { name: 'sides', label: 'sides', dimension: 'number' },
    mm('acrossFlatsMm', 'across flats'),
    mm('heightMm', 'height'),
  ],
  outline: [mm('heightMm', 'height')],
  revolved: [],
  mesh: [],
  measured: [{ name: 'volumeL', label: 'it holds', dimension: 'volume' }],
  sheet: [{ name: 'areaM2', label: 'area', dimension: 'area' }, mm('thicknessMm', 'thickness')],
};

export type Ready = 'boat' | 'hourglass' | 'leaf' | 'roundedRectangle';
export type OutlineBy = Ready | 'svg' | 'points';

export const READY_FIELDS: Record<Ready, Field[]> = {
  boat: [mm('lengthMm', 'length'), mm('beamMm', 'beam')],
  hourglass: [
    mm('firstMm', 'first circle'),
    mm('secondMm', 'second circle'),
    mm('apartMm', 'centres apart'),
    mm('waistMm', 'waist'),
  ],
  leaf: [mm('lengthMm', 'length'), mm('widthMm', 'width')],
  roundedRectangle: [
    mm('lengthMm', 'length'),
    mm('widthMm', 'width'),
    mm('cornerMm', 'corner radius'),
  ],
};

export const OUTLINES: readonly (readonly [OutlineBy, string])[] = [
  ['boat', 'a boat'],
  ['hourglass', 'an hourglass'],
  ['leaf', 'a leaf'],
  ['roundedRectangle', 'a rounded rectangle'],
  ['svg', 'an SVG path'],
  ['points', 'points'],
];
