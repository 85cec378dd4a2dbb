import { whyNotHeld } from '@open-palm/words/notHeld';
import type { ContactName, WhyNot } from '@open-palm/core/balance';
import type { PresetKind } from '@open-palm/core/bow';

/** Words of the bow as a lever that several screens say. */

export const contacts: Record<ContactName, string> = {
  thumb: 'thumb',
  index: 'index',
  middle: 'middle finger',
  ring: 'ring finger',
  little: 'little finger',
  web: 'web of the hand',
};

export const bowNames: Record<PresetKind, string> = {
  violin: 'violin bow',
  viola: 'viola bow',
  cello: 'cello bow',
  'french-bass': 'French bass bow',
  'german-bass': 'German bass bow',
};

export const notHeld: Record<WhyNot, string> = whyNotHeld;

export const charts = {
  asTable: 'As a table',
  asPicture: 'As a picture',
  failed: 'The drawing could not be loaded. The table is there all the same.',
  save: { svg: 'Save as SVG', png: 'Save as PNG' },
  saveOf: (what: string, title: string) => `${what}: ${title}`,
  notSaved: 'This figure could not be saved as a picture. Save it as SVG instead.',
};

/** A number and its unit stay on one line. */
export const NBSP = '\u00a0';

export const newton = (force: number) => `${force.toFixed(1)}${NBSP}N`;
export const mm = (millimetres: number) => `${Math.round(millimetres)}${NBSP}mm`;

export const tipRaise = {
  title: 'Where to begin the tip raise',
  here: (force: string, cap: string) =>
    `Where the hand is: the little finger carries ${force}, and ${cap} is comfortable.`,
  upTheStick: (first: string, then: string, here: string, there: string, cap: string) =>
    `Begin ${first} up the stick, then move down: ${then}. At the frog the little finger would carry ${here}, there ${there}; ${cap} is comfortable.`,
  upright: (deg: number, here: string, cap: string) =>
    `Begin upright and lower the tip to ${deg}° above level, not further. Level, the little finger would carry ${here}; ${cap} is comfortable.`,
  noLittleFinger: 'Put the little finger on the bow first: without it nothing holds the tip up.',
  atTheFrog: 'at the frog',
  child: 'Comfort caps are those of a child under twelve.',
};
