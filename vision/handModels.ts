/** What the palm model answers, as it comes out of the model. */
export interface PalmOutput {
  /** For every anchor 18 numbers: middle and size of the box, then seven places, px of the model's 192. */
  boxes: Float32Array;
  /** For every anchor one number; its sigmoid is the score. */
  scores: Float32Array;
}

/** What the landmark model answers, as it comes out of the model. */
export interface LandmarkOutput {
  /** Three numbers for each of the 21 points: x, y and depth, px of the model's 224. */
  points: Float32Array;
  /** How sure the model is that a hand is shown, 0 to 1. */
  presence: number;
  /** How sure it is that it is a right hand, in a picture that is not mirrored, 0 to 1. */
  rightHand: number;
}

/** The two models, whatever runs them. One run at a time: they share their memory. */
export interface HandModels {
  /** @param input 192 × 192 × 3 */
  findPalms(input: Float32Array): Promise<PalmOutput>;
  /** @param input 224 × 224 × 3 */
  findLandmarks(input: Float32Array): Promise<LandmarkOutput>;
}

/** Sides of what the models are shown, px. */
export const PALM_INPUT_PX = 192;
export const LANDMARK_INPUT_PX = 224;
