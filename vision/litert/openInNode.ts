import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { HandModels } from '../handModels';
import { LANDMARK_MODEL, PALM_MODEL, WASM_FOLDER } from './modelFiles';
import { openModels } from './openModels';

/**
 * Opens the models outside a browser, for tests and measurements: the runner is made for web workers, so what it
 * expects of one is put in place first.
 *
 * @param packages the folder of the installed packages
 */
export async function openInNode(packages: string): Promise<HandModels> {
  const world = globalThis as unknown as Record<string, unknown>;
  const quiet = () => undefined;
  world.self = globalThis;
  world.navigator ??= {};
  world.Module = { print: quiet, printErr: quiet };
  world.importScripts = (address: string) => {
    const path = address.startsWith('file:') ? fileURLToPath(address) : address;
    const script = new Function('require', '__dirname', '__filename', factoryOf(path)) as (
      ...args: unknown[]
    ) => unknown;
    world.ModuleFactory = script(createRequire(path), dirname(path), path);
  };
  const whole = readFileSync(join(packages, PALM_MODEL.file));
  return openModels(`${join(packages, WASM_FOLDER)}/`, {
    palm: Uint8Array.from(whole.subarray(PALM_MODEL.start, PALM_MODEL.end)),
    landmarks: Uint8Array.from(readFileSync(join(packages, LANDMARK_MODEL.file))),
  });
}

const factoryOf = (path: string) => `${readFileSync(path, 'utf8')}\nreturn ModuleFactory;`;
