/** The mean colour of pixels (red, green, blue, alpha), of light and not of numbers. */
export function meanOf(pixels: ArrayLike<number>): [number, number, number] {
  const sums: [number, number, number] = [0, 0, 0];
  const count = pixels.length / 4;
  for (let i = 0; i < pixels.length; i += 4) {
    for (const channel of [0, 1, 2] as const) {
      sums[channel] += linear(pixels[i + channel] ?? 0) / count;
    }
  }
  return [coded(sums[0]), coded(sums[1]), coded(sums[2])];
}

export function hexOf(rgb: [number, number, number]): string {
  return `#${rgb.map((c) => Math.round(c).toString(16).padStart(2, '0')).join('')}`;
}

/** IEC 61966-2-1 (sRGB): a coded value, 0 to 255, as light, 0 to 1. */
function linear(coded: number): number {
  const c = coded / 255;
  return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
}

function coded(light: number): number {
  return 255 * (light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055);
}
