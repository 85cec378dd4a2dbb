import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import * as common from '@zxcvbn-ts/language-common';

/** Longer ones are hard to guess by their length alone, and would take long to look at. */
const LOOKED_AT = 100;

const estimator = new ZxcvbnFactory({
  dictionary: common.dictionary,
  graphs: common.adjacencyGraphs,
});

/**
 * How hard a passphrase is to guess: 0 (under a thousand tries), 1 (a million), 2 (a hundred million), 3 (ten thousand million), 4 (more);
 * Wheeler, “zxcvbn: Low-Budget Password Strength Estimation”, USENIX Security 2016.
 */
export const passphraseStrength = (passphrase: string): number =>
  estimator.check(passphrase.slice(0, LOOKED_AT)).score;
