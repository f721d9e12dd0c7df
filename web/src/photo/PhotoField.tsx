import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { useEffect, useId, useMemo } from 'react';
import { sendFile } from '../api/client';
import { small } from './small';

const File = chakra('input');
const Img = chakra('img');

interface Props {
  photo: Blob | undefined;
  onPhoto: (photo: Blob | undefined) => void;
}

/** A photo of what was done, made small before it is sent. */
export function PhotoField({ photo, onPhoto }: Props) {
  const id = useId();
  const url = useMemo(() => (photo ? URL.createObjectURL(photo) : undefined), [photo]);
  useEffect(() => () => (url ? URL.revokeObjectURL(url) : undefined), [url]);
  return (
    <Flex gap={3} alignItems="center" wrap="wrap">
      <Box>
        <label htmlFor={id}>
          <Text as="span" textStyle="small" color="quiet">
            photo
          </Text>
        </label>
        <File
          id={id}
          type="file"
          accept="image/*"
          capture="environment"
          display="block"
          minH="44px"
          maxW="100%"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) {
              void small(file).then(onPhoto, () => onPhoto(undefined));
            }
          }}
        />
      </Box>
      {url && <Img src={url} alt="what will be sent" h="64px" />}
    </Flex>
  );
}

/** Puts a photo to an act. */
export function sendPhoto(actId: number, photo: Blob): Promise<unknown> {
  return sendFile(`/api/shelf/acts/${actId}/photos`, photo);
}
