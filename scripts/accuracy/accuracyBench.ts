import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { HAND_POINTS } from '@open-palm/core/hand';
import { seededNormal } from '@open-palm/core/stats';
import { openInNode } from '@open-palm/vision/openInNode';
import { TUNING_SET, UNSEEN_SET } from '../../studio-demo/render/finding/findingSets';
import { committedBowCases } from './bowCases';
import { bowPage } from './bowPage';
import { detectCases, type DetectCase } from './detectCases';
import { detectPage } from './detectPage';
import { detectSummary } from './detectSummary';
import { findingCases } from './findingCases';
import { findingPage } from './findingPage';
import { fitCases } from './fitCases';
import { fitPage } from './fitPage';
import { fitSummary } from './fitSummary';
import { foreignPage } from './foreignPage';

/** Measures fitted hands and the hand finder on rendered pictures, prints the figures, and writes them into docs/accuracy.md. */
const root = fileURLToPath(new URL('../..', import.meta.url));
const models = await openInNode(join(root, 'node_modules'));
const SEED = 3;
const cases: DetectCase[] = [];
for await (const one of detectCases(models)) cases.push(one);
const bows = [
  ...(await committedBowCases(join(root, 'studio-demo/pictures'), models)),
  ...cases.map(({ bow }) => bow),
];
const tuning = await findingCases(TUNING_SET, models);
const unseen = await findingCases(UNSEEN_SET, models);
/** Foreign hands that are measured, from a seed on that was never looked at. */
const FOREIGN = { hands: 2000, from: 5000 };
const fits = fitSummary([...fitCases(SEED)]);
const page = `Written by \`npm run bench:accuracy\`. Nothing in the app claims more than these tables.

${fitPage(fits)}
${await foreignPage(FOREIGN.hands, FOREIGN.from)}
${findingPage(tuning.cases, unseen)}
${bowPage(bows)}
${detectPage(detectSummary(cases, seededNormal(5)))}`;
writeFileSync(join(root, 'docs/accuracy.md'), page);
console.log(page);
console.log(
  `one fit, median: one picture ${fits.medianMs.one.toFixed(0)} ms, two ${fits.medianMs.two.toFixed(0)} ms`,
);
const times = bows.flatMap(({ ms }) => ms ?? []).sort((a, b) => a - b);
console.log(
  `one bow: median ${times[times.length >> 1]!.toFixed(0)} ms, 95th percentile ${times[Math.floor(times.length * 0.95)]!.toFixed(0)} ms`,
);
console.log(`${cases.length} pictures, ${HAND_POINTS.length} points each`);
