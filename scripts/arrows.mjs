/**
 * The house: every part, and which parts below it may be used. Arrows point down only. ESLint enforces it, a test breaks each
 * arrow once, and the drawing in docs/architecture.md holds it against the real imports.
 */

/** Workspace packages, and the packages that each may use. */
export const PACKAGES = {
  core: [],
  contract: ['core'],
  records: ['core', 'contract'],
  vision: [],
  words: ['core'],
  op: ['core', 'contract', 'records', 'words'],
  'studio-demo': ['core', 'contract', 'records'],
  server: ['core', 'contract', 'records', 'words'],
  card: ['core', 'contract'],
  app: ['core', 'contract', 'records', 'words', 'vision', 'card'],
  e2e: [],
};

/** What a test or a bench of a package may use beside. */
export const IN_TESTS = { server: ['studio-demo'], contract: ['words'], records: ['words'] };

/** The app's layers, lowest first: each may use those before it. */
export const APP_LAYERS = ['foundation', 'drawing', 'assessment', 'features'];

/** Rooms inside the lower layers that have an order of their own, lowest first. */
export const APP_ROOMS = {
  foundation: ['strings', 'kit', 'charts', 'api'],
  drawing: ['pictures', 'portrait', 'figures', 'drills', 'hand3d', 'annotate'],
  assessment: ['balance', 'verdictOverride', 'breakdown', 'painFlags', 'agreements', 'advice'],
};

/** Rooms that know nothing of the others beside them. */
export const ALONE = ['app/src/foundation/workers'];

/** Rooms of the core that must not use others of it. */
export const CORE_ROOMS = {
  'core/hand': [
    'core/bow',
    'core/holds',
    'core/measure',
    'core/fit',
    'core/judge',
    'core/stroke',
    'core/track',
    'core/practice',
  ],
  'core/bow': [
    'core/holds',
    'core/measure',
    'core/fit',
    'core/judge',
    'core/stroke',
    'core/track',
    'core/practice',
  ],
  'core/holds': ['core/measure', 'core/fit', 'core/judge', 'core/stroke', 'core/track'],
  'core/measure': ['core/pose', 'core/portrait', 'core/judge', 'core/stroke', 'core/track'],
  'core/fit': ['core/pose', 'core/portrait', 'core/judge', 'core/stroke', 'core/track'],
  'core/pose': ['core/portrait', 'core/judge', 'core/stroke', 'core/track', 'core/practice'],
  'core/portrait': ['core/judge', 'core/stroke', 'core/track', 'core/practice'],
};

/** Features, of which none uses another. */
export const FEATURES = {
  'app/src/features': [
    'today',
    'students',
    'handFile',
    'check',
    'holds',
    'build',
    'report',
    'balance',
    'stroke',
    'progress',
    'practice',
    'studio',
    'waiting',
  ],
  'server/src/features': [
    'students',
    'checks',
    'pictures',
    'holds',
    'relaxedHands',
    'lessonLog',
    'reports',
    'takes',
    'crossings',
  ],
};

/** Every forbidden arrow as a pair of folders: nothing in the first may use anything in the second. */
export function forbiddenArrows() {
  const pairs = [];
  const forbid = (from, to, why) => pairs.push({ from, to, why });
  for (const [name, may] of Object.entries(PACKAGES)) {
    for (const other of Object.keys(PACKAGES)) {
      const isTestOnly = IN_TESTS[name]?.includes(other) ?? false;
      if (other === name || may.includes(other) || isTestOnly) continue;
      forbid(name, other, `${name} may use ${may.join(', ') || 'nothing of the project'} only.`);
    }
  }
  APP_LAYERS.forEach((layer, i) =>
    APP_LAYERS.slice(i + 1).forEach((above) =>
      forbid(`app/src/${layer}`, `app/src/${above}`, `${layer} lies below ${above}.`),
    ),
  );
  for (const layer of APP_LAYERS)
    forbid(`app/src/${layer}`, 'app/app', 'Routes are used by nothing.');
  for (const [layer, rooms] of Object.entries(APP_ROOMS)) {
    rooms.forEach((room, i) =>
      rooms
        .slice(i + 1)
        .forEach((above) =>
          forbid(
            `app/src/${layer}/${room}`,
            `app/src/${layer}/${above}`,
            `${room} lies below ${above}.`,
          ),
        ),
    );
  }
  for (const room of ALONE) {
    for (const other of APP_ROOMS.foundation) {
      forbid(
        room,
        `app/src/foundation/${other}`,
        'Workers are adapters and know no room of the app.',
      );
    }
  }
  for (const [room, others] of Object.entries(CORE_ROOMS)) {
    for (const other of others) forbid(room, other, `${room} lies below ${other}.`);
  }
  for (const [base, features] of Object.entries(FEATURES)) {
    for (const feature of features) {
      for (const other of features) {
        if (feature === other) continue;
        forbid(
          `${base}/${feature}`,
          `${base}/${other}`,
          'A feature does not reach into another feature.',
        );
      }
    }
  }
  return pairs;
}
