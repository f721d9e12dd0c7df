import { describe, expect, it } from 'vitest';
import { hexOf, meanOf } from './photo';

describe('a swatch from a photo', () => {
  it('is the pixel itself where all are alike', () => {
    expect(hexOf(meanOf([106, 114, 122, 255, 106, 114, 122, 255]))).toBe('#6a727a');
  });

  // IEC 61966-2-1: half the light of white is coded 187.5.
  it('mixes light, not numbers', () => {
    expect(hexOf(meanOf([255, 255, 255, 255, 0, 0, 0, 255]))).toBe('#bcbcbc');
  });
});
