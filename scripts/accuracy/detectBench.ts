import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { HAND_POINTS } from '@open-palm/core/hand';
import { seededNormal } from '@open-palm/core/stats';
import { openInNode } from '@open-palm/vision/openInNode';
import { detectCases, type DetectCase } from './detectCases';
import { accuracyPage } from './detectPage';
import { detectSummary } from './detectSummary';

/** Measures the hand finder on rendered pictures, prints the figures, and writes them into docs/accuracy.md. */
const root = fileURLToPath(new URL('../..', import.meta.url));
const models = await openInNode(join(root, 'node_modules'));
const cases: DetectCase[] = [];
for await (const one of detectCases(models)) cases.push(one);
const page = accuracyPage(detectSummary(cases, seededNormal(5)));
writeFileSync(join(root, 'docs/accuracy.md'), page);
console.log(page);
console.log(`${cases.length} pictures, ${HAND_POINTS.length} points each`);
