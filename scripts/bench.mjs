import { ensureChromium } from './chromium.mjs';
import { buildIfNeeded, installIfNeeded, run } from './steps.mjs';

/** Installs and builds what is needed, then measures speeds and memory. */
await installIfNeeded();
if (!(await ensureChromium())) process.exit(1);
await buildIfNeeded();
const core = await run('npx', ['tsx', 'op/bench/coreBench.ts']);
const hands = await run('npx', ['tsx', 'op/bench/handBench.ts']);
const plans = await run('npx', ['tsx', 'op/bench/planBench.ts']);
const speeds = await run('npx', ['tsx', 'e2e/bench/bench.ts']);
// How good the advice is: about two minutes, after what is timed.
const advice = await run('npx', ['tsx', 'op/bench/adviceBench.ts']);
process.exit(core.code || hands.code || plans.code || speeds.code || advice.code);
