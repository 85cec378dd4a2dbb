import {
  about,
  bend,
  depth,
  fine,
  is,
  look,
  on,
  place,
  promised,
  said,
  value,
  type DemoStudent,
} from './demoStudent';

/** Cellists and bassists of Quayside Strings; all invented. */
export const DEMO_LOW_STRINGS: readonly DemoStudent[] = [
  {
    about: about('Linnea Korfus', 2010, 'sand', { side: 'left' }),
    lesson: { day: 'thursday', at: '15:30' },
    setups: [
      {
        setup: on('cello', 'cello', { frogLengthMm: 52, settings: { thumbOpposes: 'middle' } }),
        course: {
          weeks: 23,
          contexts: [['playing-start'], ['free']],
          lines: [
            bend('thumbIpFlexion', 6, { to: 22 }),
            depth('indexDepth', 1.35),
            depth('middleDepth', 1.05),
            depth('ringDepth', 1),
            place('indexLead', 24, { to: 10, after: 0.6 }),
            bend('handLean', 21),
          ],
          named: [
            { measure: 'thumbContact', category: 'pad', until: 0.4 },
            { measure: 'thumbContact', category: 'tip', from: 0.4 },
            { measure: 'littlePlace', category: 'over' },
          ],
        },
        looks: [
          {
            daysAgo: 5,
            context: 'free',
            pictures: [],
            taps: [
              value('thumbIpFlexion', 20, 8),
              value('indexDepth', 1.4, 0.15),
              value('middleDepth', 1, 0.15),
              value('ringDepth', 1, 0.15),
              value('indexLead', 10, 5),
              is('thumbContact', 'tip'),
              is('ferruleFinger', 'ring'),
              is('littlePlace', 'over'),
              ...fine('handLean'),
            ],
          },
        ],
      },
    ],
  },
  {
    about: about('Bram Osterlind', 2008, 'ebony'),
    lesson: { day: 'thursday', at: '18:15' },
    setups: [
      {
        setup: on('bass', 'french-bass-ring'),
        course: {
          weeks: 24,
          contexts: [['playing-start']],
          before: { holdId: 'german-bass', until: 0.7 },
          lines: [bend('thumbIpFlexion', 26, { to: 36, after: 0.7 })],
          named: [
            { measure: 'littlePlace', category: 'under', until: 0.7 },
            { measure: 'littlePlace', category: 'over', from: 0.7 },
          ],
        },
        looks: [
          look(27, 'free', 'french-bass-short-lead', 'finger-side'),
          {
            daysAgo: 6,
            context: 'free',
            pictures: [],
            taps: [
              value('thumbIpFlexion', 40, 8),
              value('indexLead', 10, 5),
              value('ringDepth', 0.6, 0.15),
              is('ferruleFinger', 'middle'),
              is('littlePlace', 'over'),
              ...fine('thumbMcpFlexion', 'middleDepth'),
            ],
          },
        ],
        log: [
          {
            daysAgo: 50,
            entry: {
              kind: 'planned',
              why: 'school',
              on: { inDays: -50 },
              word: 'From the German to the French bow, as agreed in spring',
            },
          },
          promised(6, 'Ask the workshop about a French bow to try', 8),
        ],
      },
    ],
  },
  {
    about: about('Dagny Fellhaven', 1979, 'clay'),
    lesson: { day: 'friday', at: '19:00' },
    setups: [
      {
        setup: on('bass', 'german-bass', { frogLengthMm: 60 }),
        course: {
          weeks: 22,
          contexts: [['playing-start']],
          lines: [bend('thumbIpFlexion', 24), depth('indexDepth', 0.5), place('thumbPlace', -4)],
          named: [{ measure: 'littlePlace', category: 'under' }],
        },
        looks: [
          look(36, 'free', 'german-bass', 'finger-side'),
          {
            daysAgo: 8,
            context: 'free',
            pictures: [],
            taps: [
              value('thumbIpFlexion', 20, 8),
              value('indexDepth', 0.5, 0.15),
              value('thumbPlace', -4, 3),
              is('littlePlace', 'under'),
            ],
          },
        ],
        log: [{ daysAgo: 6, entry: { kind: 'hurt', what: 'pain', word: 'base of the thumb' } }],
      },
    ],
  },
  {
    about: about('Ravn Skerrow', 1965, 'sand', { level: 'beginner' }),
    lesson: { day: 'monday', at: '11:00' },
    setups: [
      {
        setup: on('cello', 'cello', { frogLengthMm: 52 }),
        // A retired ferry pilot with a strong hand: the pad of his thumb slides through the gap.
        course: {
          weeks: 24,
          contexts: [['supported'], ['playing-start', 'playing-end'], ['free']],
          lines: [
            bend('thumbIpFlexion', 16, { to: 7, after: 0.4 }),
            { measure: 'thumbThrough', from: 1, to: 8, after: 0.4, sd: 1, eye: 2 },
            depth('indexDepth', 1.4),
            depth('middleDepth', 1.1),
          ],
          named: [
            { measure: 'thumbContact', category: 'tip', until: 0.45 },
            { measure: 'thumbContact', category: 'pad', from: 0.45 },
            { measure: 'ferruleFinger', category: 'middle' },
            { measure: 'littlePlace', category: 'over' },
          ],
        },
        looks: [look(7, 'free', 'cello-straight-thumb', 'thumb-side')],
        log: [
          said(21, -4, 'thumbTooDeep', 'draw-thumb-back', 'worked'),
          said(63, -10, 'thumbTooDeep', 'draw-thumb-back', 'notYet'),
          {
            daysAgo: 21,
            entry: {
              kind: 'aid',
              aid: 'stick-mark',
              from: { inDays: -21 },
              off: { inDays: 14 },
            },
          },
        ],
      },
    ],
  },
];
