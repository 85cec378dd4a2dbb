import { lessonProblem } from './LessonDate';

it.each([
  ['2026-12-07', null],
  ['2026-12-01', null],
  ['2026-11-30', /already/],
  ['2027-02-02', /62 days/],
  ['2026-13-01', /A day is needed/],
  ['next week', /A day is needed/],
] as const)('plans until %s, or says why not', (written, problem) => {
  const told = lessonProblem(written, '2026-12-01');
  if (problem === null) expect(told).toBeNull();
  else expect(told).toMatch(problem);
});
