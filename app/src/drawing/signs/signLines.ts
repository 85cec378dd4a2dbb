/** A small drawing in lines, in a box of 60 × 44: the thing itself, and what is wrong with it. */
export interface SignLines {
  thing: string;
  wrong: string;
}

const TORSO = 'M30 12a6 6 0 1 1 .1 0M30 12V16M14 20Q30 13 46 20M18 20V42M42 20V42';
const STICK_SIDE = 'M4 16H56M8 16V21H18V16M18 20H54';

/** Signs of the whole hand, the arm and the bow, which no detail of a hand shows. */
export const SIGN_LINES: Readonly<Record<string, SignLines>> = {
  tipDrops: {
    thing: 'M6 12L54 34M10 14L8 19L17 23L19 18',
    wrong: 'M52 10V24M48 20L52 25L56 20',
  },
  handSqueezes: {
    thing: 'M30 22m-7 0a7 7 0 1 0 14 0a7 7 0 1 0 -14 0',
    wrong: 'M4 22H18M13 17L19 22L13 27M56 22H42M47 17L41 22L47 27',
  },
  fingersStill: {
    thing:
      'M14 38V16Q14 10 18 10T22 16V38M26 38V12Q26 6 30 6T34 12V38M38 38V16Q38 10 42 10T46 16V38',
    wrong: 'M8 22H52M8 28H52',
  },
  tensesOverTime: {
    thing: 'M8 40H54M12 40V34M22 40V28M32 40V21M42 40V13',
    wrong: 'M12 26Q28 22 46 5M39 6L47 4L47 12',
  },
  bowBounces: {
    thing: 'M6 10H54M10 10V15H19V10M19 14H53',
    wrong: 'M8 38Q14 20 20 34Q26 18 32 34Q38 20 44 34Q48 24 54 34',
  },
  handStiffensAtEnds: {
    thing: STICK_SIDE,
    wrong: 'M6 28L10 34L6 36L10 42M50 28L54 34L50 36L54 42',
  },
  strokeSlows: {
    thing: STICK_SIDE,
    wrong: 'M8 32H28M24 28L29 32L24 36M33 32H43M40 29L44 32L40 35M48 32H52',
  },
  bowNotHalfWay: {
    thing: 'M22 4V42M30 4V42M38 4V42M16 40H44',
    wrong: 'M6 34H54M30 6V28M26 23L30 29L34 23',
  },
  shoulderRaised: {
    thing: 'M30 12a6 6 0 1 1 .1 0M30 12V17M14 21Q24 17 30 17Q40 6 48 12M18 21V42M44 13V42',
    wrong: 'M54 26V8M50 13L54 7L58 13',
  },
  armTense: {
    thing: 'M6 10L28 32L52 16',
    wrong: 'M12 24L16 30M20 34L22 41M34 34L35 41M44 28L49 33M16 8L20 3',
  },
  elbowPulledIn: {
    thing: `${TORSO}M42 22L36 34L52 30`,
    wrong: 'M58 38H46M50 34L45 38L50 42',
  },
};
