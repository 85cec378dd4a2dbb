import type { CheckInput, LogEntry, StudentInput } from '@open-palm/contract';
import type { Context, MeasureId, View } from '@open-palm/core/measure';

type Setup = Omit<StudentInput['setups'][number], 'id'>;

/** A look at a demo student's hold: which rendered pictures and which answers by tap, when, and where in the bow. */
export interface DemoLook {
  daysAgo: number;
  context: Context;
  pictures: readonly { grip: string; view: View }[];
  taps?: CheckInput['taps'];
  /** Whether all of the hand that can be seen was marked, not only what the view is asked for. */
  wholeHand?: true;
}

/** Something that happened in a lesson: what came of a cue, that it hurt, what a test showed. */
export interface DemoEntry {
  daysAgo: number;
  /** Which look it belongs to, counted from the first. */
  look?: number;
  entry: Record<string, unknown> & { kind: LogEntry['kind'] };
}

export interface DemoStudent {
  about: Omit<StudentInput, 'setups'>;
  /** Each instrument with the looks at its hold. */
  setups: readonly { setup: Setup; looks: readonly DemoLook[]; log?: readonly DemoEntry[] }[];
}

const about = (
  name: string,
  birthYear: number,
  skinTone: StudentInput['skinTone'],
  more: Partial<DemoStudent['about']> = {},
): DemoStudent['about'] => ({
  name,
  side: 'right',
  birthYear,
  middleFingerMm: null,
  skinTone,
  level: 'intermediate',
  lesson: null,
  photos: 'allowed',
  bands: 'on',
  audits: false,
  ...more,
});

const on = (instrument: Setup['instrument'], holdId: string, more: Partial<Setup> = {}): Setup => ({
  instrument,
  holdId,
  bowSize: '4/4',
  frogLengthMm: null,
  bowMassG: null,
  bowBalanceMm: null,
  settings: {},
  ...more,
});

const violin = on('violin', 'violin-shallow', { frogLengthMm: 46 });

const look = (
  daysAgo: number,
  context: Context,
  grip: string,
  ...views: readonly View[]
): DemoLook => ({ daysAgo, context, pictures: views.map((view) => ({ grip, view })) });

const fine = (...measures: MeasureId[]): CheckInput['taps'] =>
  measures.map((measure) => ({ measure, answer: { kind: 'fine' } }));

const value = (measure: MeasureId, at: number, sd: number): CheckInput['taps'][number] => ({
  measure,
  answer: { kind: 'value', value: at, sd },
});

const is = (measure: MeasureId, category: string): CheckInput['taps'][number] => ({
  measure,
  answer: { kind: 'category', category },
});

const said = (
  daysAgo: number,
  look: number,
  cause: string,
  cue: string,
  outcome: 'worked' | 'notYet',
): DemoEntry => ({ daysAgo, look, entry: { kind: 'cue', cause, cue, outcome } });

/** Students of Quayside Strings; all invented. */
export const DEMO_STUDENTS: readonly DemoStudent[] = [
  {
    about: about('Ines Halvorn', 2012, 'amber', { middleFingerMm: 90, level: 'advanced' }),
    setups: [
      {
        setup: violin,
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
    setups: [
      {
        setup: violin,
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
      },
    ],
  },
  {
    about: about('Noor Castellane', 2014, 'umber', { middleFingerMm: 90 }),
    setups: [
      {
        setup: violin,
        looks: [
          look(12, 'heel', 'lost-little-finger', 'profile'),
          look(3, 'heel', 'lost-little-finger', 'finger-side'),
        ],
      },
    ],
  },
  {
    about: about('Edda Marlowe-Quist', 2009, 'clay'),
    setups: [
      {
        setup: violin,
        looks: [
          look(29, 'playing-start', 'index-before', 'finger-side'),
          look(1, 'playing-start', 'deep-index', 'finger-side'),
        ],
      },
    ],
  },
  {
    about: about('Linnea Korfus', 2010, 'sand', { side: 'left' }),
    setups: [
      {
        setup: on('cello', 'cello', { frogLengthMm: 52, settings: { thumbOpposes: 'middle' } }),
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
    setups: [
      {
        setup: on('bass', 'french-bass-ring'),
        looks: [
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
      },
    ],
  },
  {
    about: about('Dagny Fellhaven', 1979, 'clay'),
    setups: [
      {
        setup: on('bass', 'german-bass', { frogLengthMm: 60 }),
        looks: [
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
    about: about('Tilda Brannock', 2017, 'amber', { level: 'beginner' }),
    setups: [
      {
        setup: on('violin', 'violin-starter', { bowSize: '1/2' }),
        looks: [
          {
            daysAgo: 4,
            context: 'supported',
            pictures: [],
            taps: [
              value('thumbIpFlexion', 0, 8),
              is('littlePlace', 'top'),
              ...fine('indexDepth', 'middleDepth', 'ringDepth'),
            ],
          },
        ],
      },
    ],
  },
  {
    about: about('Osric Tidewell', 1964, 'sand'),
    setups: [{ setup: on('viola', 'violin-shallow'), looks: [] }],
  },
];
