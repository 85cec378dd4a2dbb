import { fileURLToPath } from 'node:url';
import { splitCommon } from './split/splitCommon.mjs';

const { keptBytes, sharedBytes } = splitCommon(
  fileURLToPath(new URL('../app/dist', import.meta.url)),
);
const kb = (bytes) => (bytes / 1024).toFixed(0);
console.log(
  `Of what screens share ${kb(keptBytes)} KB come at once, ${kb(sharedBytes)} KB with the first that needs it`,
);
