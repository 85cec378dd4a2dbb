/** Where the model files stand in the packages that carry them. */

/** The palm model lies inside a file with several, at these bytes. */
export const PALM_MODEL = {
  file: '@mediapipe/hands/hands_solution_packed_assets.data',
  start: 11,
  end: 2_341_291,
};

export const LANDMARK_MODEL = { file: '@mediapipe/hands/hand_landmark_full.tflite' };

export const WASM_FOLDER = '@litertjs/core/wasm';
