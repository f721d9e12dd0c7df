import { Box, Text } from '@chakra-ui/react';
import { useId, useState } from 'react';
import { hexOf, meanOf } from './photo';

/** The photo is looked at this small: a colour needs no more. */
const SIDE_PX = 160;

/** The swatch from a photo of a cured piece: press the photo where the colour is true. */
export function PhotoSwatch({ onSwatch }: { onSwatch: (hex: string) => void }) {
  const id = useId();
  const [canvas, setCanvas] = useState<HTMLCanvasElement | null>(null);
  const [shown, setShown] = useState(false);
  const take = async (file: File | undefined) => {
    const pen = canvas?.getContext('2d', { willReadFrequently: true });
    if (!file || !pen) {
      return;
    }
    const photo = await createImageBitmap(file);
    pen.drawImage(photo, 0, 0, SIDE_PX, SIDE_PX);
    setShown(true);
    pick(SIDE_PX / 2, SIDE_PX / 2);
  };
  const pick = (x: number, y: number) => {
    const pen = canvas?.getContext('2d', { willReadFrequently: true });
    if (pen) {
      const from = { x: Math.max(0, x - 4), y: Math.max(0, y - 4) };
      onSwatch(hexOf(meanOf(pen.getImageData(from.x, from.y, 9, 9).data)));
    }
  };
  return (
    <Box>
      <label htmlFor={id}>
        <Text as="span" className="plain-link" cursor="pointer">
          from a photo
        </Text>
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        style={{ width: 1, height: 1, opacity: 0, position: 'absolute' }}
        onChange={(e) => void take(e.target.files?.[0])}
      />
      <canvas
        ref={setCanvas}
        width={SIDE_PX}
        height={SIDE_PX}
        role="img"
        aria-label="the photo; press it where the colour is true"
        style={{ display: shown ? 'block' : 'none', cursor: 'crosshair' }}
        onClick={(e) => pick(e.nativeEvent.offsetX, e.nativeEvent.offsetY)}
      />
    </Box>
  );
}
