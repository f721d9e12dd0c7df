import { client, dataOf } from '../api/client';
import type { Opening } from './script/usePourSession';

/** Fetches the pour sheet as a document and hands it to the browser. */
export async function printSheet(opening: Opening): Promise<void> {
  const { fills, ...rest } = opening;
  const pdf = await dataOf(
    client.POST('/api/pours/sheet.pdf', {
      body: { ...rest, fills: fills.map(({ productId, copyIds }) => ({ productId, copyIds })) },
      parseAs: 'blob',
    }),
  );
  const link = document.createElement('a');
  link.href = URL.createObjectURL(pdf as unknown as Blob);
  link.download = 'pour-sheet.pdf';
  link.click();
  URL.revokeObjectURL(link.href);
}
