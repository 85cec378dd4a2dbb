import type { StudentInput } from '@open-palm/contract';
import type { Context, View } from '@open-palm/core/measure';

/** A look at a demo student's hold: which rendered picture, when, and where in the bow. */
export interface DemoLook {
  grip: string;
  view: View;
  daysAgo: number;
  context: Context;
}

export interface DemoStudent {
  input: StudentInput;
  looks: readonly DemoLook[];
}

const violinist = (
  name: string,
  birthYear: number,
  skinTone: StudentInput['skinTone'],
  more: Partial<StudentInput> = {},
): StudentInput => ({
  name,
  instrument: 'violin',
  holdId: 'violin-shallow',
  side: 'right',
  birthYear,
  frogLengthMm: 46,
  skinTone,
  ...more,
});

/** Students of Quayside Strings; all invented. */
export const DEMO_STUDENTS: readonly DemoStudent[] = [
  {
    input: violinist('Ines Halvorn', 2012, 'amber'),
    looks: [
      { grip: 'settled', view: 'profile', daysAgo: 20, context: 'middle' },
      { grip: 'settled', view: 'thumb-side', daysAgo: 9, context: 'free' },
      { grip: 'settled', view: 'finger-side', daysAgo: 2, context: 'free' },
    ],
  },
  {
    input: violinist('Tobin Wrenfield', 2015, 'sand'),
    looks: [
      { grip: 'straight-thumb', view: 'finger-side', daysAgo: 16, context: 'supported' },
      { grip: 'straight-thumb', view: 'thumb-side', daysAgo: 9, context: 'free' },
    ],
  },
  {
    input: violinist('Noor Castellane', 2014, 'umber'),
    looks: [
      { grip: 'lost-little-finger', view: 'profile', daysAgo: 12, context: 'heel' },
      { grip: 'lost-little-finger', view: 'finger-side', daysAgo: 3, context: 'heel' },
    ],
  },
  {
    input: violinist('Edda Marlowe-Quist', 2009, 'clay'),
    looks: [
      { grip: 'index-before', view: 'finger-side', daysAgo: 29, context: 'playing-start' },
      { grip: 'deep-index', view: 'finger-side', daysAgo: 1, context: 'playing-start' },
    ],
  },
  {
    input: violinist('Osric Tidewell', 1964, 'sand', {
      instrument: 'viola',
      frogLengthMm: null,
    }),
    looks: [],
  },
];
