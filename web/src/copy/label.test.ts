import { describe, expect, it } from 'vitest';
import { labelPath } from './label';

describe('a label', () => {
  it('leads to its page by its path alone', () => {
    expect(labelPath('iron-shelf:/copies/7')).toBe('/copies/7');
    // Printed before the address changed, and by a version that used whatever it was called by.
    expect(labelPath('http://127.0.0.1:8080/copies/12')).toBe('/copies/12');
    expect(labelPath('https://shop.local:8443/copies/12 ')).toBe('/copies/12');
  });

  it('leads nowhere when it is not ours', () => {
    expect(labelPath('https://elsewhere.example/pay?copies/7')).toBeUndefined();
    expect(labelPath('https://elsewhere.example//evil')).toBeUndefined();
    expect(labelPath('javascript:alert(1)')).toBeUndefined();
    expect(labelPath('iron-shelf:/people')).toBeUndefined();
  });
});
