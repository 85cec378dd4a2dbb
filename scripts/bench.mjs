import { ensureChromium } from './chromium.mjs';
import { buildIfNeeded, installIfNeeded, run } from './steps.mjs';

/** Installs and builds what is needed, then measures speeds and memory. */
await installIfNeeded();
if (!(await ensureChromium())) process.exit(1);
await buildIfNeeded();
const { code } = await run('npx', ['tsx', 'e2e/bench/bench.ts']);
process.exit(code);
