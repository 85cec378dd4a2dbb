import { supportsFeature } from '@litertjs/core';
import { expose } from 'comlink';
import { findBow, type BowFacts, type SeenBow } from '@open-palm/vision/findBow';
import { findHand, findHandAt, type HandSearch, type Side } from '@open-palm/vision/findHand';
import type { HandModels } from '@open-palm/vision/models';
import { openModels } from '@open-palm/vision/openModels';
import type { Picture, Place } from '@open-palm/vision/picture';
import { snapToStick } from '@open-palm/vision/snapToStick';
import { loadFiles, VisionFileProblem } from './loadFiles';
import { openPicture, scaled, type OpenedPicture } from './openPicture';
import type { VisionFiles, VisionPicture, VisionProblem } from './visionMessages';

/** Adapter only: the hand finder, away from the screen's own thread. One question after the other. */
let models: HandModels | null = null;
let opened: { url: string; picture: Promise<OpenedPicture> } | null = null;
let turn: Promise<unknown> = Promise.resolve();

/** Answers when everything asked before was answered; what breaks is told as nothing found. */
function inTurn<Answer>(answer: () => Promise<Answer>, otherwise: Answer): Promise<Answer> {
  const mine = turn.then(answer).catch((error: unknown) => {
    console.error(error);
    return otherwise;
  });
  turn = mine;
  return mine;
}

const NO_HAND: HandSearch = { outcome: 'noHand' };

const api = {
  /**
   * Loads what it needs.
   *
   * @param onShare told the share of all files that is there, 0 to 1
   * @returns why there is no hand finder; null when there is
   */
  open,
  /** Looks for the hand; its places are px of the picture itself. */
  find: (picture: VisionPicture, side: Side) =>
    inTurn(() => search(picture, (pixels, hands) => findHand(pixels, side, hands)), NO_HAND),
  /** Looks for the hand whose wrist and middle knuckle were touched. */
  findAt: (picture: VisionPicture, side: Side, wrist: Place, middleMcp: Place) =>
    inTurn(
      () =>
        search(picture, (pixels, hands, scale) =>
          findHandAt(pixels, side, scaled(wrist, scale), scaled(middleMcp, scale), hands),
        ),
      NO_HAND,
    ),
  /** Looks for the bow that a found hand holds; null where nothing is sure enough to be offered. */
  findBow: (picture: VisionPicture, hand: readonly Place[], facts: BowFacts) =>
    inTurn<SeenBow | null>(async () => {
      const { pixels, scale } = await pixelsOf(picture);
      const points = hand.map((at) => scaled(at, scale));
      const bow = findBow(pixels, points, facts);
      return bow && onPicture(bow, 1 / scale);
    }, null),
  /** The stick's middle near each of two touches on it; null where no edges are near. */
  snap: (picture: VisionPicture, places: readonly [Place, Place]) =>
    inTurn<readonly (Place | null)[]>(async () => {
      const { pixels, scale } = await pixelsOf(picture);
      const [a, b] = [scaled(places[0], scale), scaled(places[1], scale)];
      return [snapToStick(pixels, a, b), snapToStick(pixels, b, a)].map(
        (at) => at && scaled(at, 1 / scale),
      );
    }, [null, null]),
};

export type VisionWorker = typeof api;

expose(api);

async function search(
  picture: VisionPicture,
  look: (pixels: Picture, hands: HandModels, scale: number) => Promise<HandSearch>,
): Promise<HandSearch> {
  if (!models) throw new Error('The models are not open.');
  const { pixels, scale } = await pixelsOf(picture);
  const found = await look(pixels, models, scale);
  if (found.outcome !== 'found') return found;
  const points = found.hand.points.map((at) => scaled(at, 1 / scale));
  return { outcome: 'found', hand: { ...found.hand, points } };
}

function onPicture({ stickHandEnd, stickTipEnd, frog }: SeenBow, scale: number): SeenBow {
  return {
    stickHandEnd: scaled(stickHandEnd, scale),
    stickTipEnd: scaled(stickTipEnd, scale),
    frog: frog && { front: scaled(frog.front, scale), back: scaled(frog.back, scale) },
  };
}

function pixelsOf(picture: VisionPicture): Promise<OpenedPicture> {
  if (opened?.url !== picture.url) opened = { url: picture.url, picture: openPicture(picture) };
  return opened.picture;
}

async function open(
  { palm, landmarks, runner }: VisionFiles,
  onShare: (share: number) => void,
): Promise<VisionProblem | null> {
  try {
    if (!hasWasm()) throw new VisionFileProblem('unsupported');
    const { script, wasm } = runner[(await supportsFeature('relaxedSimd')) ? 'newer' : 'all'];
    const [palmFile, landmarkFile, wasmFile] = await loadFiles([palm, landmarks, wasm], onShare);
    // The runner takes its own program from here instead of loading it a second time, and is told to be quiet.
    const quiet = () => undefined;
    Object.assign(self, { Module: { wasmBinary: wasmFile, print: quiet, printErr: quiet } });
    models = await openModels(script.address, { palm: palmFile!, landmarks: landmarkFile! });
    // The program runs: its file need not be held as well.
    Object.assign(self, { Module: undefined });
    return null;
  } catch (error) {
    if (!(error instanceof VisionFileProblem)) console.error(error);
    return error instanceof VisionFileProblem ? error.problem : 'damaged';
  }
}

const hasWasm = () => typeof WebAssembly === 'object' && typeof OffscreenCanvas === 'function';
