const LONGEST_PX = 1280;
const QUALITY = 0.8;

/** The size that fits within the longest side. */
export function fitted(width: number, height: number, longest = LONGEST_PX) {
  const by = Math.min(1, longest / Math.max(width, height));
  return { width: Math.round(width * by), height: Math.round(height * by) };
}

/** A photo as a small JPEG: a workshop's computer keeps years of them. */
export async function small(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file);
  const size = fitted(picture.width, picture.height);
  const canvas = document.createElement('canvas');
  canvas.width = size.width;
  canvas.height = size.height;
  canvas.getContext('2d')?.drawImage(picture, 0, 0, size.width, size.height);
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('no picture'))),
      'image/jpeg',
      QUALITY,
    ),
  );
}
