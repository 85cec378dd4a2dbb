import {
  ALL_FORMATS,
  AudioSample,
  AudioSampleSource,
  BlobSource,
  BufferTarget,
  CanvasSink,
  CanvasSource,
  Input,
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
    readClip: (base64: string) => Promise<ClipOrder['frames']>;
  }
}

window.encodeClip = async ({ kind, width, height, frames, bitsPerS, rotation, toneS }) => {
  const target = new BufferTarget();
  const output = new Output({
    format: kind === 'webm' ? new WebMOutputFormat() : new Mp4OutputFormat(),
    target,
  });
  // What a player turns is stored turned the other way.
  const aside = rotation === 90 || rotation === 270;
  const canvas = aside ? new OffscreenCanvas(height, width) : new OffscreenCanvas(width, height);
  const paper = canvas.getContext('2d')!;
  paper.translate(canvas.width / 2, canvas.height / 2);
  paper.rotate((-(rotation ?? 0) * Math.PI) / 180);
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
    paper.drawImage(bitmap, -width / 2, -height / 2, width, height);
    bitmap.close();
    await pictures.add(timeS, durationS);
  }
  if (toneS) await sound.add(tone(toneS));
  await output.finalize();
  return base64(new Uint8Array(target.buffer!));
};

/** The frames of a clip as JPEG files, base64, with their times. */
window.readClip = async (file) => {
  const bytes = Uint8Array.from(atob(file), (c) => c.charCodeAt(0));
  const input = new Input({ formats: ALL_FORMATS, source: new BlobSource(new Blob([bytes])) });
  const track = (await input.getPrimaryVideoTrack())!;
  const frames: ClipOrder['frames'] = [];
  for await (const { canvas, timestamp, duration } of new CanvasSink(track).canvases()) {
    const url = (canvas as HTMLCanvasElement).toDataURL('image/jpeg', 0.92);
    const jpeg = url.slice(url.indexOf(',') + 1);
    frames.push({ timeS: timestamp, durationS: duration, jpeg });
  }
  return frames;
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
