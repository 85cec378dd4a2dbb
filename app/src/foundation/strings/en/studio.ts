const n = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`;

/** Words of the studio's files: taking along and bringing in. */
export const studio = {
  title: 'Files of the studio',
  out: 'Export',
  outHelp:
    'Tables open in any spreadsheet. The JSON file holds students, looks with their points, own holds and the lesson log; not photographs, strokes, string crossings, hands at rest, letters and fitted hands. A backup holds all of it.',
  exports: {
    'students.csv': 'Students, as a table',
    'checks.csv': 'Looks, as a table',
    'studio.json': 'Students and looks, as one file',
  },
  failed: 'The file could not be made.',
  in: 'Import',
  inHelp:
    'A table of students or of looks (CSV), or a studio’s JSON file. You see first what it would do; nothing changes before you say so.',
  choose: 'Choose a file',
  other: 'Another file',
  reading: 'The file is being read',
  cancel: 'Cancel',
  accept: 'Bring it in',
  taking: 'Bringing it in',
  what: (name: string, rows: number) => `${name}: ${n(rows, 'row', 'rows')}`,
  kinds: { students: 'a table of students', checks: 'a table of looks', studio: 'a studio’s file' },
  newStudents: (count: number) => `${n(count, 'student is', 'students are')} new`,
  newHolds: (count: number) => `${n(count, 'own hold is', 'own holds are')} new`,
  newChecks: (count: number) => `${n(count, 'look is', 'looks are')} new`,
  newLog: (count: number) => `${n(count, 'note of a lesson is', 'notes of lessons are')} new`,
  newGroups: (count: number) => `${n(count, 'group is', 'groups are')} made or seated anew`,
  changes: (names: string, more: number) =>
    `Changes: ${names}${more > 0 ? ` and ${more} more` : ''}`,
  same: (count: number) => `${count} already here, left as they are`,
  nothing: 'Everything in it is here already.',
  withoutPictures: (count: number) =>
    `${n(count, 'look comes', 'looks come')} without pictures: the numbers are kept as answers`,
  gone: (count: number) =>
    `${n(count, 'entry is', 'entries are')} of what was erased or taken away here, and ${count === 1 ? 'does' : 'do'} not come back with a file`,
  leftAlone: (columns: string) => `Left alone: ${columns}`,
  wrong: (count: number) =>
    count === 1
      ? 'One thing is wrong. Nothing is taken before it is right.'
      : `${count} things are wrong. Nothing is taken before they are right.`,
  more: (count: number) => `And ${count} more; they show once these are right.`,
  at: (row: number | null, column: string | null) =>
    [...(row === null ? [] : [`Row ${row}`]), ...(column === null ? [] : [column])].join(', '),
  says: (problem: string, value: string | null) =>
    value === null || value === '' ? problem : `“${value}” ${problem}`,
  correct: (row: number, column: string) => `Row ${row}, ${column}: right is`,
  again: 'Look again with these corrections',
  order: 'Which number of a date is the day?',
  orders: { dayFirst: 'The first: day.month', monthFirst: 'The second: month/day' },
  sample: 'The first rows, as they were read',
  done: 'It is in.',
  toStudents: 'To the students',
};
