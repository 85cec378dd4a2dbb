import {
  about,
  bend,
  depth,
  fine,
  is,
  look,
  on,
  promised,
  said,
  value,
  violin,
  type DemoStudent,
} from './demoStudent';

/** Violinists and violists of Quayside Strings; all invented. */
export const DEMO_VIOLINS: readonly DemoStudent[] = [
  {
    about: about('Ines Halvorn', 2012, 'amber', { middleFingerMm: 90, level: 'advanced' }),
    lesson: { day: 'tuesday', at: '16:00' },
    setups: [
      {
        setup: violin,
        course: {
          weeks: 22,
          contexts: [['playing-start'], ['playing-start', 'playing-end'], ['free']],
          lines: [
            bend('thumbIpFlexion', 38),
            bend('thumbMcpFlexion', 18),
            depth('indexDepth', 1.5),
            depth('middleDepth', 1.15),
            depth('ringDepth', 1.15),
            bend('littlePipFlexion', 58),
            bend('handLean', 18),
          ],
          named: [
            { measure: 'littlePlace', category: 'top' },
            { measure: 'thumbContact', category: 'tip' },
          ],
        },
        looks: [
          look(20, 'middle', 'settled', 'profile'),
          {
            ...look(2, 'free', 'settled', 'finger-side', 'thumb-side', 'profile'),
            wholeHand: true,
            taps: [is('thumbContact', 'tip'), ...fine('indexLead')],
          },
        ],
      },
      {
        setup: on('viola', 'violin-deep', { frogLengthMm: 48 }),
        looks: [
          {
            daysAgo: 11,
            context: 'free',
            pictures: [],
            taps: [
              value('thumbIpFlexion', 40, 8),
              value('indexDepth', 2.5, 0.15),
              is('littlePlace', 'top'),
              ...fine('thumbMcpFlexion', 'middleDepth', 'ringDepth', 'littlePipFlexion'),
            ],
          },
        ],
      },
    ],
  },
  {
    about: about('Tobin Wrenfield', 2015, 'sand', { middleFingerMm: 86 }),
    lesson: { day: 'wednesday', at: '14:15' },
    setups: [
      {
        setup: violin,
        course: {
          weeks: 21,
          contexts: [['supported'], ['free'], ['playing-start', 'playing-end']],
          lines: [
            bend('thumbIpFlexion', 14, { to: 6, by: { 'playing-end': 6 } }),
            depth('middleDepth', 1.15),
            depth('ringDepth', 1.1),
            bend('littlePipFlexion', 42),
          ],
          named: [
            { measure: 'thumbContact', category: 'pad' },
            { measure: 'littlePlace', category: 'top' },
          ],
        },
        looks: [
          look(16, 'supported', 'straight-thumb', 'finger-side'),
          look(9, 'free', 'straight-thumb', 'thumb-side'),
        ],
        log: [
          said(16, 0, 'thumbOnItsPad', 'seat-nail-corner', 'notYet'),
          said(16, 0, 'thumbOnItsPad', 'set-upside-down', 'worked'),
          {
            daysAgo: 9,
            look: 1,
            entry: { kind: 'test', test: 'thumb-release', result: { clean: 5, bpm: 60 } },
          },
        ],
        practice: [
          {
            before: 2,
            causes: { thumbOnItsPad: 0.7 },
            minutesADay: 8,
            drills: [
              ['thumb-to-crease', 2, 1],
              ['thumb-release', 2, 1],
              ['pencil-form', 2, 2],
            ],
            done: { share: 0.6, felt: ['fine', 'fine', 'tired'] },
          },
          {
            before: 1,
            causes: { thumbOnItsPad: 0.6 },
            minutesADay: 8,
            drills: [
              ['thumb-to-crease', 2, 1],
              ['thumb-release', 3, 1],
              ['pencil-circle', 2, 1],
            ],
            done: { share: 0.8, felt: ['fine', 'easy'] },
          },
          {
            before: 0,
            causes: { thumbOnItsPad: 0.6 },
            minutesADay: 8,
            drills: [
              ['thumb-to-crease', 2, 1],
              ['thumb-release', 3, 1],
              ['even-bows', 1, 2],
            ],
            done: { share: 0.8, felt: ['easy', 'fine'], shownDaysAgo: 0 },
          },
        ],
      },
    ],
  },
  {
    about: about('Noor Castellane', 2014, 'umber', { middleFingerMm: 90 }),
    lesson: { day: 'wednesday', at: '14:15' },
    setups: [
      {
        setup: violin,
        course: {
          weeks: 20,
          contexts: [['heel', 'middle'], ['playing-start'], ['heel', 'point']],
          lines: [
            bend('thumbIpFlexion', 34),
            depth('indexDepth', 1.45),
            bend('littlePipFlexion', 44, { by: { heel: 6 } }),
          ],
          named: [{ measure: 'thumbContact', category: 'tip' }],
        },
        looks: [
          look(12, 'heel', 'lost-little-finger', 'profile'),
          look(3, 'heel', 'lost-little-finger', 'finger-side'),
        ],
      },
    ],
  },
  {
    about: about('Edda Marlowe-Quist', 2009, 'clay'),
    lesson: { day: 'monday', at: '17:00' },
    setups: [
      {
        setup: violin,
        course: {
          weeks: 12,
          contexts: [['playing-start']],
          lines: [bend('thumbIpFlexion', 36), depth('indexDepth', 0.85, { to: 1.5 })],
        },
        looks: [
          look(29, 'playing-start', 'index-before', 'finger-side'),
          look(1, 'playing-start', 'deep-index', 'finger-side'),
        ],
      },
    ],
  },
  {
    about: about('Tilda Brannock', 2017, 'amber', { level: 'beginner' }),
    lesson: { day: 'wednesday', at: '14:15' },
    setups: [
      {
        setup: on('violin', 'violin-starter', { bowSize: '1/2' }),
        course: {
          weeks: 10,
          contexts: [['supported'], ['free']],
          lines: [
            bend('thumbIpFlexion', 2, { to: 10 }),
            depth('indexDepth', 1.4),
            depth('middleDepth', 1.1),
          ],
          named: [{ measure: 'littlePlace', category: 'top' }],
        },
        looks: [
          look(25, 'supported', 'violin-starter', 'thumb-side'),
          {
            daysAgo: 4,
            context: 'supported',
            pictures: [],
            taps: [
              value('thumbIpFlexion', 0, 8),
              is('littlePlace', 'top'),
              ...fine('indexDepth', 'middleDepth', 'ringDepth'),
            ],
            readiness: [{ item: 'size', state: 'tooLarge', word: 'a 1/4 would suit her arm' }],
          },
        ],
        log: [
          promised(4, 'A 1/4 bow from the school’s cupboard', 3),
          {
            daysAgo: 11,
            entry: {
              kind: 'aid',
              aid: 'outlined-sleeve',
              from: { inDays: -25 },
              off: { inDays: -4 },
            },
          },
        ],
        practice: [
          {
            before: 0,
            causes: { thumbOnItsPad: 0.5, squeezes: 0.4 },
            minutesADay: 6,
            drills: [
              ['shake-and-form', 2, 1],
              ['thumb-to-crease', 2, 1],
              ['pencil-form', 1, 1],
            ],
          },
        ],
      },
    ],
  },
  {
    about: about('Osric Tidewell', 1964, 'sand'),
    lesson: null,
    setups: [{ setup: on('viola', 'violin-shallow'), looks: [] }],
  },
];
