import { about, bend, depth, on, promised, said, violin, type DemoStudent } from './demoStudent';

/** Violinists and violists whose half-year is the story, not a single look; all invented. */
export const DEMO_VIOLIN_STORIES: readonly DemoStudent[] = [
  {
    about: about('Marit Solvane', 2011, 'umber', { middleFingerMm: 92 }),
    lesson: { day: 'tuesday', at: '17:00' },
    setups: [
      {
        setup: violin,
        // Settled for months; then the index sinks, a little every week, and nobody sees it.
        course: {
          weeks: 25,
          contexts: [['playing-start']],
          lines: [
            bend('thumbIpFlexion', 40),
            bend('thumbMcpFlexion', 20),
            depth('indexDepth', 1.5, { to: 1.9, after: 0.55, sd: 0.04 }),
            bend('littlePipFlexion', 47),
          ],
          fine: ['middleDepth', 'ringDepth'],
          named: [
            { measure: 'thumbContact', category: 'tip' },
            { measure: 'littlePlace', category: 'top' },
          ],
        },
        looks: [],
        log: [said(140, -20, 'littleLocked', 'little-tip-on-top', 'worked')],
      },
    ],
  },
  {
    about: about('Jorun Hallmere', 2008, 'sand', { level: 'advanced', audits: true }),
    // Far away: lessons over the network, by the clock on her own wall.
    lesson: { day: 'saturday', at: '10:30', timeZone: 'America/Halifax' },
    setups: [
      {
        setup: on('violin', 'violin-shallow', {
          frogLengthMm: 47,
          bowMassG: 61,
          bowBalanceMm: 252,
        }),
        course: {
          weeks: 66,
          every: 13,
          contexts: [['free', 'playing-start', 'playing-end']],
          lines: [
            bend('thumbIpFlexion', 36, { by: { 'playing-end': 29 } }),
            bend('thumbMcpFlexion', 17),
            depth('indexDepth', 1.4),
            depth('middleDepth', 1.15),
            depth('ringDepth', 1.2),
            bend('littlePipFlexion', 50),
            bend('handLean', 20),
          ],
          named: [
            { measure: 'thumbContact', category: 'tip' },
            { measure: 'littlePlace', category: 'top' },
          ],
        },
        looks: [],
      },
    ],
  },
  {
    about: about('Pia Lindqvale', 2006, 'clay', { bands: 'off', middleFingerMm: 97 }),
    lesson: { day: 'friday', at: '16:30' },
    setups: [
      {
        setup: on('viola', 'violin-shallow', { frogLengthMm: 48 }),
        // Joints that bend further than any band expects: shown, not judged, until a clinician has had a word.
        course: {
          weeks: 16,
          contexts: [['playing-start'], ['free']],
          lines: [
            bend('thumbIpFlexion', -12, { sd: 6 }),
            bend('thumbMcpFlexion', 48, { sd: 6 }),
            depth('indexDepth', 1.6, { sd: 0.12 }),
            bend('littlePipFlexion', -8, { sd: 7 }),
          ],
        },
        looks: [],
        log: [promised(9, 'Bring what the hand therapist writes', 5)],
      },
    ],
  },
  {
    about: about('Anselm Dorrick', 2020, 'ebony', { level: 'beginner', photos: 'withheld' }),
    lesson: { day: 'wednesday', at: '14:15' },
    setups: [
      {
        setup: on('violin', 'violin-starter', { bowSize: '1/4' }),
        course: {
          weeks: 12,
          contexts: [['supported']],
          lines: [
            bend('thumbIpFlexion', 4, { to: 16 }),
            depth('indexDepth', 1.9, { to: 1.5 }),
            depth('middleDepth', 1.3, { to: 1.1 }),
          ],
          named: [
            { measure: 'littlePlace', category: 'off', until: 0.5 },
            { measure: 'littlePlace', category: 'top', from: 0.5 },
          ],
        },
        looks: [],
        log: [promised(5, 'Little finger on top by itself when he sets up', 2)],
      },
    ],
  },
];
