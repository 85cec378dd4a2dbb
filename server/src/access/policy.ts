import type { Access } from '@open-palm/contract';

/** Who may ask for something. */
export type Rule = 'anyone' | 'atTheDoor' | 'signedIn' | 'teacher' | 'owner';

/**
 * Every address of the studio and who may ask for it. What is not listed here is answered to nobody.
 *
 * `atTheDoor` is whoever sits at this machine or has a device that was let in; `signedIn` holds for a locked screen too.
 */
export const POLICY: Readonly<Record<string, Rule>> = {
  'GET /api/access': 'anyone',
  'POST /api/access/first': 'atTheDoor',
  'POST /api/access/in': 'atTheDoor',
  'POST /api/access/renew': 'atTheDoor',
  'POST /api/access/pair': 'anyone',
  'POST /api/access/out': 'anyone',
  'POST /api/access/lock': 'signedIn',
  'POST /api/access/unlock': 'signedIn',
  'POST /api/access/passphrase': 'teacher',
  'GET /api/access/visitors': 'owner',
  'PUT /api/access/people/:id': 'owner',
  'POST /api/access/people/:id/out': 'owner',
  'POST /api/access/people/:id/code': 'owner',
  'POST /api/access/codes': 'owner',
  'PUT /api/access/devices/:id': 'owner',
  'POST /api/access/devices/:id/in': 'owner',
  'POST /api/access/devices/:id/out': 'owner',
  'GET /api/access/phones': 'owner',
  'POST /api/access/phones': 'owner',
  'POST /api/access/phones/trust': 'owner',
  'PUT /api/settings': 'owner',

  'GET /api/backups': 'owner',
  'POST /api/backups': 'owner',
  'GET /api/backups/kept/:name': 'owner',
  'GET /api/backups/restore': 'owner',
  'POST /api/backups/restore/look': 'owner',
  'POST /api/backups/restore/:token': 'owner',
  'GET /api/bin': 'teacher',
  'PUT /api/bin/:id': 'teacher',
  'POST /api/bin/:id/back': 'teacher',
  'POST /api/bin/:id/erase': 'owner',
  'GET /api/removable/:kind/:id': 'teacher',
  'POST /api/gone': 'teacher',
  'GET /api/checks/:id': 'teacher',
  'PUT /api/checks/:id': 'teacher',
  'GET /api/crossings': 'teacher',
  'PUT /api/crossings/:id': 'teacher',
  'GET /api/export/checks.csv': 'owner',
  'GET /api/export/students.csv': 'owner',
  'GET /api/export/studio.json': 'owner',
  'GET /api/groups': 'teacher',
  'GET /api/groups/:id': 'teacher',
  'PUT /api/groups/:id': 'teacher',
  'POST /api/groups/:id/remove': 'teacher',
  'POST /api/groups/:id/back': 'teacher',
  'POST /api/groups/:id/erase': 'owner',
  'GET /api/holds': 'teacher',
  'PUT /api/holds/:id': 'teacher',
  'GET /api/import/progress': 'owner',
  'POST /api/import/cancel': 'owner',
  'POST /api/import/preview': 'owner',
  'POST /api/import/:sha256': 'owner',
  'GET /api/letters/:id': 'teacher',
  'PUT /api/letters/:id': 'teacher',
  'GET /api/letters/:id/pdf': 'teacher',
  'PUT /api/letters/:id/mail': 'teacher',
  'PUT /api/log/:id': 'teacher',
  'GET /api/pictures/:id': 'teacher',
  'PUT /api/pictures/:id': 'teacher',
  'PUT /api/relaxed-hands/:id': 'teacher',
  'POST /api/remember': 'teacher',
  'GET /api/ruler/page.pdf': 'teacher',
  'POST /api/cards/pdf': 'teacher',
  'POST /api/terms/pdf': 'teacher',
  'GET /api/students': 'teacher',
  'GET /api/students/:id': 'teacher',
  'PUT /api/students/:id': 'teacher',
  'GET /api/students/:id/history': 'teacher',
  'GET /api/studio': 'teacher',
  'GET /api/takes': 'teacher',
  'PUT /api/takes/:id': 'teacher',
  'PUT /api/walks/:id': 'teacher',
};

/** The addresses as patterns; the ones with a word in a place stand before those with anything in it. */
const PATTERNS = Object.entries(POLICY)
  .sort(([a], [b]) => Number(a.includes(':')) - Number(b.includes(':')))
  .map(([route, rule]) => ({
    route,
    rule,
    form: new RegExp(`^${route.replace(/[.]/g, '\\.').replace(/:\w+/g, '[^/]+')}/?$`),
  }));

/** The address that a request is for, as a pattern without ids, and who may ask for it; undefined where there is none. */
export function ruleOf(method: string, path: string): { route: string; rule: Rule } | undefined {
  const asked = `${method === 'HEAD' ? 'GET' : method} ${path}`;
  return PATTERNS.find(({ form }) => form.test(asked));
}

/** Whether somebody who stands so, with that role, may ask what the rule guards. */
export function isAllowed(
  rule: Rule,
  standing: Access['standing'],
  role: 'owner' | 'teacher' | null,
): boolean {
  if (rule === 'anyone') return true;
  if (standing === 'open') return true;
  if (rule === 'atTheDoor') return standing !== 'unknown' && standing !== 'asks';
  if (rule === 'signedIn') return standing === 'in' || standing === 'locked';
  return standing === 'in' && (rule === 'teacher' || role === 'owner');
}
