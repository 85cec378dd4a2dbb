import type { Group, Student, StudentInput, Walk } from '@open-palm/contract';
import { holdById, type Hold } from '@open-palm/core/holds';
import { gripFacts, gripOf } from '@open-palm/records/grip';
import { walkIdOf } from '@open-palm/records/row';
import { calendarDay, lessonDayOf, lessonOn } from '@open-palm/records/time';
import { answerOfFault, freeSeats, ROW_NUMBERS, type RowMark } from '@open-palm/core/row';
import { about, on } from './demoStudent';

type Setup = Omit<StudentInput['setups'][number], 'id'>;

/** A player of the school group: which faults they show, from which walk until which. */
interface GroupPlayer {
  about: Omit<StudentInput, 'setups' | 'lesson'>;
  setup: Setup;
  /** By fault: the first walk that can see it, and the first that cannot any more. */
  shows: Readonly<Record<string, readonly [from: number, until: number]>>;
}

const WALKS = 22;
const ALWAYS = WALKS + 1;
/** Of late wrists have begun to sink. */
const SINKS = { wristLow: [15, ALWAYS] as const };
/** The straight thumb that the group worked on went away player by player. */
const thumbUntil = (until: number) => ({ thumbStraight: [0, until] as const });

const violin = (bowSize: Setup['bowSize'] = '3/4') => on('violin', 'violin-shallow', { bowSize });
const starter = on('violin', 'violin-starter', { bowSize: '1/2' });
const viola = on('viola', 'violin-shallow', { bowSize: '3/4' });
const cello = (bowSize: Setup['bowSize'] = '3/4') => on('cello', 'cello', { bowSize });
const young = { level: 'beginner' } as const;

/** The Wednesday school group, in the order of its seats; all invented. */
const PLAYERS: readonly GroupPlayer[] = [
  {
    about: about('Alva Thornby', 2015, 'sand', young),
    setup: violin('1/2'),
    shows: { ...thumbUntil(9), ...SINKS },
  },
  {
    about: about('Benno Quill', 2015, 'clay', young),
    setup: violin(),
    shows: { ...thumbUntil(14), littleStraight: [0, 12] },
  },
  {
    about: about('Cleo Marrick', 2014, 'umber', young),
    setup: violin(),
    shows: { ...thumbUntil(7), ...SINKS },
  },
  {
    about: about('Dario Venn', 2014, 'amber', young),
    setup: violin(),
    shows: { indexDeep: [4, ALWAYS] },
  },
  {
    about: about('Elsa Hallow', 2016, 'clay', young),
    setup: starter,
    shows: { ...thumbUntil(11), ...SINKS },
  },
  {
    about: about('Finn Ostrand', 2016, 'sand', young),
    setup: starter,
    shows: { ...thumbUntil(16), littleAway: [0, 10] },
  },
  {
    about: about('Greta Lowick', 2015, 'ebony', young),
    setup: violin(),
    shows: { ...thumbUntil(8), ...SINKS },
  },
  { about: about('Hanno Pelt', 2013, 'amber'), setup: violin('4/4'), shows: SINKS },
  {
    about: about('Isla Farrant', 2014, 'umber', young),
    setup: violin(),
    shows: { ...thumbUntil(12), wristLow: [0, 8] },
  },
  {
    about: about('Jonne Wick', 2013, 'clay'),
    setup: violin('4/4'),
    shows: { ...thumbUntil(6), ...SINKS },
  },
  {
    about: about('Kaya Lindel', 2014, 'amber', young),
    setup: viola,
    shows: { ...thumbUntil(10), ...SINKS },
  },
  {
    about: about('Leo Marchbank', 2014, 'sand', young),
    setup: viola,
    shows: { ...thumbUntil(15), thumbOnPad: [0, 13] },
  },
  { about: about('Mina Tarl', 2015, 'umber', young), setup: viola, shows: SINKS },
  {
    about: about('Nils Overby', 2013, 'clay'),
    setup: viola,
    shows: { ...thumbUntil(ALWAYS), thumbOnPad: [0, ALWAYS] },
  },
  {
    about: about('Orla Pendry', 2014, 'sand', young),
    setup: cello(),
    shows: { ...thumbUntil(9), ...SINKS },
  },
  {
    about: about('Pia Sandel', 2015, 'ebony', young),
    setup: cello('1/2'),
    shows: { littleAway: [2, ALWAYS] },
  },
  {
    about: about('Quinn Aldous', 2014, 'amber', young),
    setup: cello(),
    shows: { ...thumbUntil(13), ...SINKS },
  },
  {
    about: about('Rosa Timble', 2014, 'clay', young),
    setup: cello(),
    shows: { ...thumbUntil(11), littleAway: [0, 18], ...SINKS },
  },
  { about: about('Sami Darrow', 2013, 'umber', { side: 'left' }), setup: cello('4/4'), shows: {} },
  {
    about: about('Tove Lindquay', 2013, 'sand'),
    setup: cello('4/4'),
    shows: { ...thumbUntil(8), ...SINKS },
  },
  {
    about: about('Una Brackly', 2013, 'clay'),
    setup: on('bass', 'french-bass-ring', { bowSize: '3/4' }),
    shows: thumbUntil(12),
  },
  {
    about: about('Vito Carrow', 2012, 'amber'),
    setup: on('bass', 'german-bass', { bowSize: '3/4' }),
    shows: { littleAway: [0, ALWAYS] },
  },
];

const ABSENT = 0.06;
/** Once a month only one stand is walked. */
const PART_EVERY = 5;
/** Seconds that a player takes. */
const A_PLAYER_S = 8;

/** The invented school group: its players, the group, and half a year of walks in which a shared fault really goes away. */
export interface DemoGroup {
  students: Student[];
  group: Group;
  walks: Walk[];
}

/** Makes the group for a day. The same day gives the same group, ids included. */
export function demoGroup(
  today: Date,
  zone: string,
  { nextId, random }: { nextId: () => string; random: () => number },
): DemoGroup {
  const students = PLAYERS.map(({ about: who, setup }): Student => ({
    id: nextId(),
    ...who,
    lesson: null,
    setups: [{ id: nextId(), ...setup }],
  }));
  const meets = { day: 'wednesday', at: '15:30', timeZone: zone } as const;
  const seats = freeSeats(students.length);
  const group: Group = {
    id: nextId(),
    name: 'Wednesday strings',
    meets,
    layout: 'arc',
    members: Object.fromEntries(
      students.map(({ id, setups }, i) => [id, { setupId: setups[0]!.id, seat: seats[i]! }]),
    ),
  };
  const day = calendarDay(today, zone) - 1;
  const lastDay = day - ((((day - lessonDayOf('wednesday')) % 7) + 7) % 7);
  const walks = Array.from({ length: WALKS }, (_, nth): Walk => {
    const begins = lessonOn(meets, lastDay - 7 * (WALKS - 1 - nth));
    const isPart = nth % PART_EVERY === PART_EVERY - 1;
    const marks = students.flatMap((student, i): RowMark[] => {
      // What is drawn is the same whoever is walked past.
      const draws = { absent: random(), eye: Array.from({ length: FAULTS.length }, random) };
      if (isPart && i >= students.length / 2) return [];
      const at = new Date(begins.getTime() + (60 + A_PLAYER_S * i) * 1000).toISOString();
      const whose = { at, studentId: student.id, setupId: student.setups[0]!.id };
      if (draws.absent < ABSENT) return [{ ...whose, id: nextId(), kind: 'absent' }];
      return [
        ...marksOf(PLAYERS[i]!, nth, draws.eye).map((said) => ({
          ...whose,
          id: nextId(),
          ...said,
        })),
        { ...whose, id: nextId(), kind: 'fine' },
      ];
    });
    const date = begins.toISOString().slice(0, 10);
    return { id: walkIdOf(group.id, date), groupId: group.id, day: date, fromMemory: false, marks };
  });
  return { students, group, walks };
}

/** Every fault that somebody in the group has. */
const FAULTS = [...new Set(PLAYERS.flatMap(({ shows }) => Object.keys(shows)))];

const HOLDS = new Map<string, Hold>();
function holdOf({ about: who, setup }: GroupPlayer): Hold {
  const known = HOLDS.get(`${setup.holdId} ${setup.bowSize}`);
  if (known) return known;
  const hold = holdById(setup.holdId);
  const grip = gripOf(who, { id: '', ...setup }, hold, null);
  const meant = gripFacts(grip, hold, null).hold;
  HOLDS.set(`${setup.holdId} ${setup.bowSize}`, meant);
  return meant;
}

/** What an eye that passes by sees of a player in one walk. */
function marksOf(player: GroupPlayer, nth: number, eye: readonly number[]) {
  const hold = holdOf(player);
  const { seesFault, seesFine } = ROW_NUMBERS.eye;
  return FAULTS.flatMap((fault, k) => {
    const [from, until] = player.shows[fault] ?? [0, 0];
    const isThere = from <= nth && nth < until;
    const isSeen = eye[k]! < (isThere ? seesFault : (1 - seesFine) / FAULTS.length);
    const answer = isSeen ? answerOfFault(fault, hold) : null;
    return answer ? [answer] : [];
  });
}
