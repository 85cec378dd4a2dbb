/**
 * A fault as it is noted for whoever keeps the studio: what and where, never what was being written. The database's own words come after the
 * statement, which has names and values of students in it.
 */
export function faultOf(error: unknown): string {
  if (!isError(error)) return String(error);
  const { name, message, stack = message, code = '' } = error;
  if (!String(code).startsWith('SQLITE')) return stack;
  const said = message.slice(message.lastIndexOf(' - ') + 1).replace(/^- /, '');
  // What was written may have lines that look like these.
  const where = stack.slice(stack.indexOf(message) + message.length).split('\n');
  return [`${name} ${code}: ${said}`, ...where.slice(1)].join('\n');
}

/** Of whatever world: the database's own are made in another. */
const isError = (error: unknown): error is Error & { code?: unknown } =>
  typeof error === 'object' &&
  error !== null &&
  'message' in error &&
  typeof error.message === 'string';
