import { loadAndCompile, loadLiteRt, Tensor, type CompiledModel } from '@litertjs/core';
import { LANDMARK_INPUT_PX, PALM_INPUT_PX, type HandModels } from '../handModels';

/** The content of the two model files. */
export interface ModelFiles {
  palm: Uint8Array;
  landmarks: Uint8Array;
}

/**
 * Opens the two models on this machine's processor.
 *
 * @param runner address of the runner's script, or of the folder with its files, ending in a slash
 * @throws whatever the runner says of files that are no models
 */
export async function openModels(
  runner: string,
  { palm, landmarks }: ModelFiles,
): Promise<HandModels> {
  await loadLiteRt(runner);
  const palmModel = await loadAndCompile(palm, { accelerator: 'wasm' });
  const landmarkModel = await loadAndCompile(landmarks, { accelerator: 'wasm' });
  return {
    async findPalms(input) {
      const [boxes, scores] = await run(palmModel, input, PALM_INPUT_PX);
      return { boxes: boxes!, scores: scores! };
    },
    async findLandmarks(input) {
      const [points, presence, rightHand] = await run(landmarkModel, input, LANDMARK_INPUT_PX);
      return { points: points!, presence: presence![0]!, rightHand: rightHand![0]! };
    },
  };
}

/** The outputs of a model in the model's own order; what the runner holds for them is given back. */
async function run(model: CompiledModel, pixels: Float32Array, side: number) {
  const input = new Tensor(pixels, [1, side, side, 3]);
  const outputs = await model.run(input);
  input.delete();
  return outputs.map((output) => {
    const numbers = Float32Array.from(output.toTypedArray() as Float32Array);
    output.delete();
    return numbers;
  });
}
