import { reportInputSchema } from '@open-palm/contract/report';
import { issuesFromZod } from '@open-palm/contract/zodIssues';
import { describeIssue } from '@open-palm/words/describe';
import { fieldName } from './fieldName';

const report = {
  title: 'Feedback',
  opening: '',
  points: ['Bend the thumb.'],
  closing: '',
  caution: '',
  captions: [],
};
const said = (more: object) => {
  const [issue] = issuesFromZod(reportInputSchema.safeParse({ ...report, ...more }).error!, '');
  return describeIssue({ ...issue!, where: fieldName(issue!.where) });
};

it('says what is wrong with a report at its fields as the screen calls them', () => {
  expect(said({ title: ' ' })).toBe('Heading: is empty.');
  expect(said({ points: ['a', 'b'.repeat(1001)] })).toBe('Point 2: is longer than 1000 letters.');
  expect(said({ points: [] })).toBe('Point 1: is empty.');
});
