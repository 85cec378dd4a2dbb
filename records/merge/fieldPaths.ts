/** Where a field stands: keys from the outside in; an entry of a list stands under its id. */
export type FieldPath = readonly string[];

type Fields = Record<string, unknown>;

/** Whether a value is a plain object, whose fields are brought together one by one. */
export const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A list whose entries are known by their ids, whatever their order. */
export const isKeyed = (value: unknown): value is readonly (Fields & { id: string })[] =>
  Array.isArray(value) &&
  value.length > 0 &&
  value.every((entry) => isFields(entry) && typeof entry.id === 'string');

/**
 * What stands at a path; undefined where nothing does.
 *
 * @example valueAt({ setups: [{ id: 'x', bowSize: '3/4' }] }, ['setups', 'x', 'bowSize']) // '3/4'
 */
export function valueAt(body: unknown, path: FieldPath): unknown {
  return path.reduce<unknown>((inner, key) => {
    if (isKeyed(inner)) return inner.find(({ id }) => id === key);
    return isFields(inner) ? inner[key] : undefined;
  }, body);
}

/** A copy with another value at a path; undefined takes the field, or the entry of a list, away. */
export function withValueAt<T>(body: T, path: FieldPath, value: unknown): T {
  const [key, ...inner] = path;
  if (key === undefined) return value as T;
  const next = inner.length === 0 ? value : withValueAt(valueAt(body, [key]), inner, value);
  if (isKeyed(body) || (Array.isArray(body) && isFields(next))) {
    const entries = body as readonly unknown[];
    const at = entries.findIndex((entry) => isFields(entry) && entry.id === key);
    if (next === undefined) return entries.filter((_, i) => i !== at) as T;
    if (at < 0) return [...entries, next] as T;
    return entries.map((entry, i) => (i === at ? next : entry)) as T;
  }
  const fields = { ...(body as Fields) };
  if (next === undefined) delete fields[key];
  else fields[key] = next;
  return fields as T;
}
