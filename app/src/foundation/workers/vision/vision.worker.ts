import { supportsFeature } from '@litertjs/core';
import { findHand, findHandAt, type HandSearch } from '@open-palm/vision/findHand';
import type { HandModels } from '@open-palm/vision/models';
import { openModels } from '@open-palm/vision/openModels';
import { snapToStick } from '@open-palm/vision/snapToStick';
import { loadFiles, VisionFileProblem } from './loadFiles';
import { openPicture, scaled, type OpenedPicture } from './openPicture';
import type { VisionAnswer, VisionFiles, VisionPicture, VisionQuestion } from './visionMessages';

/** Message adapter only: the hand finder, away from the screen's own thread. One question after the other. */
let models: HandModels | null = null;
let opened: { url: string; picture: Promise<OpenedPicture> } | null = null;
let turn: Promise<void> = Promise.resolve();

self.onmessage = ({ data }: MessageEvent<VisionQuestion>) => {
  turn = turn.then(() => answer(data));
};

const say = (message: VisionAnswer) => self.postMessage(message);

async function answer(question: VisionQuestion): Promise<void> {
  if (question.kind === 'open') return open(question.files);
  const { number, picture } = question;
  try {
    const { pixels, scale } = await pixelsOf(picture);
    if (question.kind === 'snap') {
      const [a, b] = question.places.map((place) => scaled(place, scale));
      const places = [snapToStick(pixels, a!, b!), snapToStick(pixels, b!, a!)];
      say({ kind: 'snapped', number, places: places.map((at) => at && scaled(at, 1 / scale)) });
      return;
    }
    if (!models) throw new Error('The models are not open.');
    const search = await searchFor(question, pixels, scale, models);
    say({ kind: 'found', number, search });
  } catch (error) {
    console.error(error);
    say({ kind: 'failed', number });
  }
}

async function searchFor(
  question: Extract<VisionQuestion, { kind: 'find' | 'findAt' }>,
  pixels: OpenedPicture['pixels'],
  scale: number,
  hands: HandModels,
): Promise<HandSearch> {
  const search =
    question.kind === 'find'
      ? await findHand(pixels, question.side, hands)
      : await findHandAt(
          pixels,
          question.side,
          scaled(question.wrist, scale),
          scaled(question.middleMcp, scale),
          hands,
        );
  if (search.outcome !== 'found') return search;
  const points = search.hand.points.map((at) => scaled(at, 1 / scale));
  return { outcome: 'found', hand: { ...search.hand, points } };
}

function pixelsOf(picture: VisionPicture): Promise<OpenedPicture> {
  if (opened?.url !== picture.url) opened = { url: picture.url, picture: openPicture(picture) };
  return opened.picture;
}

async function open({ palm, landmarks, runner }: VisionFiles): Promise<void> {
  try {
    if (!hasWasm()) throw new VisionFileProblem('unsupported');
    const { script, wasm } = runner[(await supportsFeature('relaxedSimd')) ? 'newer' : 'all'];
    const [palmFile, landmarkFile, wasmFile] = await loadFiles([palm, landmarks, wasm], (share) =>
      say({ kind: 'progress', share }),
    );
    // The runner takes its own program from here instead of loading it a second time, and is told to be quiet.
    const quiet = () => undefined;
    Object.assign(self, { Module: { wasmBinary: wasmFile, print: quiet, printErr: quiet } });
    models = await openModels(script.address, { palm: palmFile!, landmarks: landmarkFile! });
    // The program runs: its file need not be held as well.
    Object.assign(self, { Module: undefined });
    say({ kind: 'ready' });
  } catch (error) {
    if (!(error instanceof VisionFileProblem)) console.error(error);
    const problem = error instanceof VisionFileProblem ? error.problem : 'damaged';
    say({ kind: 'problem', problem });
  }
}

const hasWasm = () => typeof WebAssembly === 'object' && typeof OffscreenCanvas === 'function';
