import type { IssueCode } from '@open-palm/core/issue';

/** Words of the hand that is fitted to pictures, and of turning it. */

/** Why pictures give no hand; `what` names the picture, or all of them. */
const refusals: Partial<Record<IssueCode, (what: string) => string>> = {
  mirroredPicture: (what) =>
    `${what}: read the other way round it shows this view, so it is probably mirrored. Flip it.`,
  pictureContradicts: (what) =>
    `${what}: its points do not make a hand on a bow seen from there. Is it another view? Are points mixed up?`,
  differentHolds: (what) =>
    `No one hand fits ${what}. Did the hold change between them? Take them again without letting go, or check the points.`,
  samePicture: (what) =>
    `${what}: this is the same picture again. The second one has to look from elsewhere.`,
  otherHand: (what) => `${what} shows the other hand.`,
};

export const fit = {
  title: 'The hand in 3D',
  needsMore:
    'Mark the whole hand, thumb and fingers, in two pictures from different sides: then its bends are told in space, which no flat picture can.',
  working: 'Fitting a hand to the points',
  progress: 'How far the fitting is',
  stop: 'Stop',
  stopped: 'Stopped. The numbers read flat from each picture stand.',
  broken: 'The fitting broke off. The numbers read flat from each picture stand.',
  again: 'Fit again',
  label: (views: string) => `The hand that explains ${views}`,
  one: (view: string) =>
    `From one picture alone (${view}). Flat, a bend toward you looks like one away from you, so only a range is told.`,
  several: (views: string, apartDeg: number) =>
    `Fitted to ${views}, ${Math.round(apartDeg)}° apart. Its bends stand beside the flat ones; the one with less doubt counts.`,
  residual: (px: number, point: string, view: string, most: number) =>
    `A mark lies ${px} px of the picture from where this hand shows it; the farthest is ${point} (${view}), ${most} px.`,
  second: (view: string, sdDeg: number, widthDeg: number) =>
    `So far a bend may lie anywhere within ${widthDeg}°. A picture from ${view} of the same hold helps most: about ± ${sdDeg}° would be left.`,
  takeSecond: 'Take it',
  takeAnother: 'Take another picture',
  goTo: 'Go to that picture',
  refusedTitle: 'These pictures give no hand',
  refused: (code: IssueCode, what: string) =>
    refusals[code]?.(what) ?? `No hand could be fitted to ${what}.`,
  misplacedTitle: 'One point was left out',
  misplaced: (point: string, view: string) =>
    `${point}, ${view}: it contradicts everything else. Check it, or did this finger move between the pictures?`,
  showNumbers: 'Show every bend',
  hideNumbers: 'Hide the bends',
  openStill: 'Turn it',
};

export const hand3d = {
  role: 'hand that can be turned',
  keys: 'Arrow keys turn it, plus and minus zoom, Home turns it back.',
  from: 'Look from',
  open: 'Turn it in space',
  loading: 'Getting the drawing ready',
  showTarget: 'Lay the wanted hold over it',
  hideTarget: 'Hide the wanted hold',
  failed: 'This device cannot draw in space; the flat drawing turns as well.',
  bends: 'Every bend of the fitted hand',
  bend: (deg: number, sd: number) => `${String(deg).replace('-', '−')}° ± ${sd}°`,
  hardlyTold: 'hardly told from here',
  range: (lo: number, hi: number) =>
    `${String(lo).replace('-', '−')}° … ${String(hi).replace('-', '−')}°`,
};
