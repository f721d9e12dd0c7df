import { Box, chakra, Grid, Text } from '@chakra-ui/react';
import jsQR from 'jsqr';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { Key } from '../kit/States';
import { TextField } from '../kit/TextField';
import { useTitle } from '../kit/useTitle';
import { labelPath } from './label';

const Video = chakra('video');
const LOOK_MS = 200;
/** Enough for a label that fills a third of the picture. */
const WIDTH = 640;

/** The device's camera looks for a label and opens the page that it belongs to. */
export function ScanPage() {
  useTitle('Scan a label');
  const navigate = useNavigate();
  const video = useRef<HTMLVideoElement>(null);
  const [problem, setProblem] = useState<string>();
  const [strange, setStrange] = useState(false);
  const [typed, setTyped] = useState('');
  const open = (text: string) => {
    const path = labelPath(text);
    setStrange(path === undefined);
    if (path) {
      void navigate(path);
    }
  };
  const found = useRef(open);
  useEffect(() => {
    found.current = open;
  });
  useEffect(() => {
    const screen = video.current;
    let stream: MediaStream | undefined;
    let over = false;
    // Browsers give the camera to pages over TLS and of the own machine alone.
    const camera = navigator.mediaDevices as MediaDevices | undefined;
    if (!camera || !screen) {
      setProblem('This browser gives no camera to this page. Type the label’s code instead.');
      return;
    }
    camera
      .getUserMedia({ video: { facingMode: 'environment' } })
      .then(async (given) => {
        if (over) {
          given.getTracks().forEach((t) => t.stop());
          return;
        }
        stream = given;
        screen.srcObject = given;
        await screen.play();
      })
      .catch(() =>
        setProblem('The camera is not there, or may not be used. Allow it, or type the code.'),
      );
    const canvas = document.createElement('canvas');
    const timer = setInterval(() => {
      const text = read(screen, canvas);
      if (text) {
        found.current(text);
      }
    }, LOOK_MS);
    return () => {
      over = true;
      clearInterval(timer);
      stream?.getTracks().forEach((t) => t.stop());
    };
  }, []);
  return (
    <Box px={{ base: 4, md: 9 }} pt={7} maxW="1060px">
      <Text as="h1" textStyle="title" mb={3}>
        Scan a label
      </Text>
      <Grid templateColumns={{ base: '1fr', md: '1fr 320px' }} gap={9}>
        <Box bg="post" minH="360px" position="relative">
          <Video ref={video} muted playsInline w="100%" aria-label="what the camera sees" />
          {problem && (
            <Text color="postInk" p={5} position="absolute" top={0}>
              {problem}
            </Text>
          )}
        </Box>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            open(typed);
          }}
        >
          <Text color="quiet" mb={4}>
            Hold a mould copy’s label before the camera; its page opens by itself. Labels that were
            printed under another address are good too.
          </Text>
          <TextField label="or what the code says" text={typed} onText={setTyped} />
          <Key type="submit" disabled={!typed.trim()}>
            Open
          </Key>
          {strange && (
            <Text role="alert" color="oxide" fontWeight={600} mt={3}>
              This is no label of Iron Shelf.
            </Text>
          )}
        </form>
      </Grid>
    </Box>
  );
}

/** The text of a code in what the camera sees now. */
function read(video: HTMLVideoElement, canvas: HTMLCanvasElement): string | undefined {
  if (video.videoWidth === 0) {
    return undefined;
  }
  canvas.width = WIDTH;
  canvas.height = Math.round((WIDTH * video.videoHeight) / video.videoWidth);
  const drawn = canvas.getContext('2d', { willReadFrequently: true });
  drawn?.drawImage(video, 0, 0, canvas.width, canvas.height);
  const pixels = drawn?.getImageData(0, 0, canvas.width, canvas.height);
  return pixels && jsQR(pixels.data, pixels.width, pixels.height)?.data;
}
