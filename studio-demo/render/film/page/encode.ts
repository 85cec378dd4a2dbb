import {
  AudioSample,
  AudioSampleSource,
  BufferTarget,
  CanvasSource,
  Mp4OutputFormat,
  Output,
  WebMOutputFormat,
} from 'mediabunny';

/** A clip to be made. */
export interface ClipOrder {
  kind: 'webm' | 'mp4';
  width: number;
  height: number;
  /** When each picture is shown, and which: JPEG files, base64. Without any, the clip is sound only. */
  frames: { timeS: number; durationS: number; jpeg: string }[];
  bitsPerS: number;
  /** How far a player turns the pictures, clockwise. */
  rotation?: 0 | 90 | 180 | 270;
  /** Length of a tone that is laid under it, s. */
  toneS?: number;
}

declare global {
  interface Window {
    encodeClip: (order: ClipOrder) => Promise<string>;
  }
}

window.encodeClip = async ({ kind, width, height, frames, bitsPerS, rotation, toneS }) => {
  const target = new BufferTarget();
  const output = new Output({
    format: kind === 'webm' ? new WebMOutputFormat() : new Mp4OutputFormat(),
    target,
  });
  const canvas = new OffscreenCanvas(width, height);
  const paper = canvas.getContext('2d')!;
  const pictures = new CanvasSource(canvas, {
    codec: kind === 'webm' ? 'vp8' : 'avc',
    bitrate: bitsPerS,
    keyFrameInterval: 2,
  });
  const sound = new AudioSampleSource({ codec: kind === 'webm' ? 'opus' : 'aac', bitrate: 32_000 });
  if (frames.length > 0) output.addVideoTrack(pictures, { rotation: rotation ?? 0 });
  if (toneS) output.addAudioTrack(sound);
  await output.start();
  for (const { timeS, durationS, jpeg } of frames) {
    const bytes = Uint8Array.from(atob(jpeg), (c) => c.charCodeAt(0));
    const bitmap = await createImageBitmap(new Blob([bytes], { type: 'image/jpeg' }));
    paper.drawImage(bitmap, 0, 0, width, height);
    bitmap.close();
    await pictures.add(timeS, durationS);
  }
  if (toneS) await sound.add(tone(toneS));
  await output.finalize();
  return base64(new Uint8Array(target.buffer!));
};

const SAMPLE_RATE_HZ = 48_000;

/** An open string, quietly. */
function tone(seconds: number): AudioSample {
  const count = Math.round(seconds * SAMPLE_RATE_HZ);
  const data = Float32Array.from(
    { length: count },
    (_, i) => 0.1 * Math.sin((2 * Math.PI * 440 * i) / SAMPLE_RATE_HZ),
  );
  return new AudioSample({
    data,
    format: 'f32',
    numberOfChannels: 1,
    sampleRate: SAMPLE_RATE_HZ,
    timestamp: 0,
  });
}

function base64(bytes: Uint8Array): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += 0x8000) {
    text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  }
  return btoa(text);
}
