import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { CodeGatherer, readPart } from '@open-palm/card/code';
import { Notice } from '../../../foundation/kit/Notice';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { strings } from '../../../foundation/strings';

const words = strings.practice.log;

/** So wide a frame is looked at, px: a code of 300 signs is read from it, and a slow phone keeps up. */
const LOOK_PX = 720;
/** How often, ms: more often than the card changes its parts. */
const EVERY_MS = 180;

/** The camera on the code of a student's card: its parts are gathered until all are there. */
export function ScanCode({ onWhole }: { onWhole: (read: () => unknown) => void }) {
  const place = useRef<View>(null);
  const whole = useRef(onWhole);
  const [progress, setProgress] = useState({ have: 0, of: 0 });
  const [failed, setFailed] = useState<'noCamera' | 'foreign' | null>(null);
  useEffect(() => {
    whole.current = onWhole;
  });
  useEffect(() => {
    let isOpen = true;
    let stream: MediaStream | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const video = document.createElement('video');
    video.muted = true;
    video.playsInline = true;
    Object.assign(video.style, { width: '100%', borderRadius: '16px', display: 'block' });
    (place.current as unknown as HTMLElement | null)?.replaceChildren(video);
    const gatherer = new CodeGatherer();
    const open = async () => {
      stream = await navigator.mediaDevices.getUserMedia({
        video: { facingMode: 'environment', width: { ideal: 1280 } },
      });
      if (!isOpen) return stop(stream);
      video.srcObject = stream;
      await video.play();
      const { default: read } = await import('jsqr');
      const canvas = document.createElement('canvas');
      const look = () => {
        if (!isOpen) return;
        const text = codeIn(video, canvas, read);
        const part = text === null ? null : readPart(text);
        if (text !== null) setFailed(part ? null : 'foreign');
        const isWhole = part !== null && gatherer.take(part);
        if (part) setProgress(gatherer.progress);
        if (isWhole) {
          isOpen = false;
          if (stream) stop(stream);
          whole.current(() => gatherer.value());
        } else timer = setTimeout(look, EVERY_MS);
      };
      look();
    };
    open().catch(() => isOpen && setFailed('noCamera'));
    return () => {
      isOpen = false;
      clearTimeout(timer);
      if (stream) stop(stream);
    };
  }, []);
  return (
    <View style={{ gap: space(2) }}>
      <View ref={place} />
      {failed === 'noCamera' ? <Notice tone="out">{words.noCamera}</Notice> : null}
      {failed === 'foreign' ? <Notice>{words.refused.foreign}</Notice> : null}
      <Text variant="small" second>
        {progress.of > 1 ? words.parts(progress.have, progress.of) : words.scanHelp}
      </Text>
    </View>
  );
}

const stop = (stream: MediaStream) => stream.getTracks().forEach((track) => track.stop());

type ReadCode = (
  pixels: Uint8ClampedArray,
  width: number,
  height: number,
) => { data: string } | null;

/** What a code in the camera's picture says; null where there is none. */
function codeIn(video: HTMLVideoElement, canvas: HTMLCanvasElement, read: ReadCode): string | null {
  const { videoWidth, videoHeight } = video;
  if (videoWidth === 0) return null;
  canvas.width = Math.min(LOOK_PX, videoWidth);
  canvas.height = Math.round((canvas.width * videoHeight) / videoWidth);
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  context.drawImage(video, 0, 0, canvas.width, canvas.height);
  const { data } = context.getImageData(0, 0, canvas.width, canvas.height);
  return read(data, canvas.width, canvas.height)?.data ?? null;
}
