import type { TermReader } from '@open-palm/contract';
import type { FamilyTerm, TermChange } from '@open-palm/records/term';

/** How a family went, for whoever reads it. */
const families: Record<FamilyTerm, string> = {
  slipping: 'It has been slipping a little of late: we look after it next.',
  betterIn: 'Better than at first, and as it should be now.',
  better: 'Better than at first. The rest of the way is still to go.',
  mixed: 'Some of it is better, some of it needs another look.',
  worse: 'It needs another look: less good than at first.',
  steadyIn: 'As it should be.',
  steadyUnsure: 'Not certain yet: we look again.',
  steadyOut: 'Not yet as we want it.',
  sometimes: 'At times as it should be, at times not yet.',
  once: 'Looked at once: nothing to compare yet.',
  notJudged: 'Looked at, not judged.',
  notSeen: 'Not looked at in this time.',
};

/** What changed, told by what was to be seen. */
const changes: Record<TermChange['kind'], (sign: string) => string> = {
  gone: (sign) => `No longer: ${sign}.`,
  less: (sign) => `Less than at first: ${sign}.`,
  more: (sign) => `More than at first, to be looked after: ${sign}.`,
  new: (sign) => `New, to be looked after: ${sign}.`,
};

const titles: Record<TermReader, (name: string) => string> = {
  parents: (name) => `${name}’s bow hand`,
  audition: (name) => `The bow hold of ${name}`,
  student: () => 'Your bow hand',
};

const openings: Record<TermReader, (name: string, looks: number) => string> = {
  parents: (name, looks) =>
    looks === 1
      ? `${name}’s bow hand was looked at once in this time.`
      : `${name}’s bow hand was looked at ${looks} times in this time.`,
  audition: (name, looks) =>
    looks === 1
      ? `One look at the hold of ${name}.`
      : `${looks} looks at the hold of ${name} in this time, the first against the last.`,
  student: (_, looks) =>
    looks === 1
      ? 'We looked at your bow hand once in this time.'
      : `We looked at your bow hand ${looks} times in this time.`,
};

const helps: Record<TermReader, string> = {
  parents: 'Ask to be shown how the bow is held, praise one thing, and do not correct.',
  audition: '',
  student: 'Look at your hold before the first note and after the last.',
};

/** A term on a page: for parents, for an audition, for the student. */
export const term = {
  title: 'A term on a page',
  reader: 'For whom is it?',
  readers: { parents: 'Parents', audition: 'Audition', student: 'The student' } satisfies Record<
    TermReader,
    string
  >,
  from: 'From, such as 2026-09-01',
  until: 'Until',
  dateOrder: 'The first day has to be before the last.',
  dateLater: 'That day is still to come.',
  view: 'From where are the hands drawn?',
  noHands: 'No hands',
  preview: 'The page as it is given',
  drawing: 'Drawing the hands …',
  notDrawn: 'The hands could not be drawn here. The page is given without them.',
  wording: 'The words are yours',
  heading: 'Heading',
  opening: 'Opening',
  familyLine: (family: string) => `Under ${family.toLowerCase()}`,
  withFamily: (family: string) => `${family} on the page`,
  line: (of: string, n: number) => `${of}, line ${n}`,
  up: (of: string, n: number) => `${of}: line ${n} further up`,
  down: (of: string, n: number) => `${of}: line ${n} further down`,
  remove: (of: string, n: number) => `${of}: take line ${n} out`,
  add: (of: string) => `Another line: ${of.toLowerCase()}`,
  help: 'How to help (empty leaves it out)',
  practice: 'What was practised at home',
  withPractice: 'On the page',
  withoutPractice: 'Left out',
  noPractice: 'No practice log has come back in this time.',
  anew: 'Write the words anew',
  anewHelp: 'What you wrote stays when a day changes; anew, all of it is written from the looks.',
  oneLook: 'There is one look in this time: nothing to compare.',
  noLook: 'Nobody looked at this hold in this time. Choose other days, or look first.',
  before: 'Given before',
  given: (reader: string, until: string) => `${reader}, until ${until}`,
  print: 'Print',
  pdf: 'As a PDF',
  papers: { A4: 'A4', LETTER: 'US Letter' },
  failed: 'The PDF could not be made. Is the studio reached? Printing works without it.',
  notGiven: 'Not given yet',
  titles,
  openings,
  families,
  changes,
  helps,
  withFigures: (line: string, figures: string) => `${line.replace(/\.$/, '')} (${figures}).`,
  /** Without an arrow: not every face has one. */
  fromTo: (from: string, to: string) => `from ${from} to ${to}`,
  atPlace: (sign: string, place: string) => `${sign}, ${place}`,
  /** Where nothing surely did. */
  noChange: 'Nothing yet that we can be sure of.',
  otherChange: (checkpoint: string) => `${checkpoint} is off`,
  restart: (what: string, on: string) => `${what} since ${on}: told from then on.`,
  practised: (days: number, minutes: number) =>
    `On ${days === 1 ? 'one day' : `${days} days`}, ${minutes === 1 ? 'one minute' : `${minutes} minutes`} in all, as it was noted.`,
  /** What stands on every page. */
  heads: {
    dates: (from: string, until: string) => `${from} to ${until}`,
    then: (on: string) => `At first: ${on}`,
    now: (on: string) => `Now: ${on}`,
    dashed: 'Drawn from what was looked at. Pale and dashed: not seen then.',
    chart:
      'Each mark is one look; its upright line is how sure it is. A disc in the shaded part is as it should be, a square is outside, a half disc is not certain.',
    changed: 'What really changed',
    worked: 'What helped',
    practised: 'Practised at home',
    help: 'How to help',
    caution: 'Nothing of it should hurt. If something does, stop, and tell the teacher.',
  },
};
