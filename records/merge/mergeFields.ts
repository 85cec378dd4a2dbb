import { isFields, isKeyed, type FieldPath } from './fieldPaths';

/** Two edits of one thing brought together, and the fields that both changed, each in its own way. */
export interface MergedFields<T> {
  /** With the other's value wherever both changed a field. */
  body: T;
  conflicts: FieldPath[];
}

/**
 * Brings two edits of the same earlier state together, field by field: what only one of them changed is taken from that one, and
 * what both changed alike is no conflict. Lists whose entries have ids are compared entry by entry; any other list is one field.
 *
 * @param base what both edits began from; null when it is not known, and then every difference is a conflict
 * @example mergeFields({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }) // { body: { a: 2, b: 3 }, conflicts: [] }
 */
export function mergeFields<T>(base: T | null, mine: T, theirs: T): MergedFields<T> {
  const conflicts: FieldPath[] = [];
  const body =
    base === null ? both(mine, theirs, [], conflicts) : merge(base, mine, theirs, [], conflicts);
  return { body: body as T, conflicts };
}

function merge(
  base: unknown,
  mine: unknown,
  theirs: unknown,
  path: FieldPath,
  conflicts: FieldPath[],
): unknown {
  if (isSame(mine, theirs) || isSame(base, mine)) return theirs;
  if (isSame(base, theirs)) return mine;
  if (isFields(base) && isFields(mine) && isFields(theirs)) {
    return mergeKeys(base, mine, theirs, path, conflicts);
  }
  if ([base, mine, theirs].every(isKeyed)) {
    const [was, ours, other] = [base, mine, theirs].map(byId);
    const merged = mergeKeys(was!, ours!, other!, path, conflicts);
    // The order is the one that was changed, else the other's; what only the other one knows comes last.
    const order = isSame(Object.keys(was!), Object.keys(ours!)) ? other! : ours!;
    const ids = [...new Set([...Object.keys(order), ...Object.keys(merged)])];
    return ids.flatMap((id) => (merged[id] === undefined ? [] : [merged[id]]));
  }
  conflicts.push(path);
  return theirs;
}

function mergeKeys(
  base: Record<string, unknown>,
  mine: Record<string, unknown>,
  theirs: Record<string, unknown>,
  path: FieldPath,
  conflicts: FieldPath[],
): Record<string, unknown> {
  const keys = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
  const merged: Record<string, unknown> = {};
  for (const key of keys) {
    const value = merge(base[key], mine[key], theirs[key], [...path, key], conflicts);
    if (value !== undefined) merged[key] = value;
  }
  return merged;
}

/** Without a common beginning every difference is one to be chosen, as far in as it lies. */
function both(mine: unknown, theirs: unknown, path: FieldPath, conflicts: FieldPath[]): unknown {
  if (isSame(mine, theirs)) return theirs;
  const fields = [mine, theirs].map((value) => (isKeyed(value) ? byId(value) : value));
  if (fields.every(isFields)) {
    for (const key of new Set(fields.flatMap((value) => Object.keys(value as object)))) {
      const [a, b] = fields.map((value) => (value as Record<string, unknown>)[key]);
      both(a, b, [...path, key], conflicts);
    }
    return theirs;
  }
  conflicts.push(path);
  return theirs;
}

const byId = (list: unknown): Record<string, unknown> =>
  Object.fromEntries((list as { id: string }[]).map((entry) => [entry.id, entry]));

/**
 * The same content, in whichever order its keys were written.
 *
 * @example isSame({ a: 1, b: [2] }, { b: [2], a: 1 }) // true
 */
export const isSame = (a: unknown, b: unknown): boolean => canonical(a) === canonical(b);

/**
 * One text for one content: keys in order, undefined left out as JSON leaves it out.
 *
 * @example canonical({ b: 1, a: 2 }) // '{"a":2,"b":1}'
 */
export function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map((entry) => canonical(entry ?? null)).join()}]`;
  if (!isFields(value)) return JSON.stringify(value) ?? 'undefined';
  const keys = Object.keys(value)
    .filter((key) => value[key] !== undefined)
    .sort();
  return `{${keys.map((key) => `${JSON.stringify(key)}:${canonical(value[key])}`).join()}}`;
}
