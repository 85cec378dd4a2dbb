import type { Access } from '@open-palm/contract';
import { movedTo } from './movedTo';

const NUMBER = 'https://192.168.7.20:8443';
const NAME = 'https://desk.local:8443';
const at = (origins: string[], isLocal = false) => ({ origins, isLocal }) as Access;

it('tells of another address only to a page whose own is ending', () => {
  expect(movedTo(at([NAME, 'https://10.0.0.5:8443']), NUMBER)).toBe(NAME);
  expect(movedTo(at([NAME, NUMBER]), NUMBER)).toBeNull();
  // Before it is known, on the studio's own machine, and where no phone comes in.
  expect(movedTo(null, NUMBER)).toBeNull();
  expect(movedTo(at([NAME], true), 'http://127.0.0.1:8081')).toBeNull();
  expect(movedTo(at([]), NUMBER)).toBeNull();
});
