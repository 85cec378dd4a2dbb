interface Connection<Statement> {
  prepare(sql: string): Statement;
}

/** More kinds of statements than the studio has. */
const MOST = 300;

/**
 * Lets a connection prepare each statement once: the query builder asks for it anew every time, which is a twelfth of what keeping a
 * look costs.
 */
export function cacheStatements<Statement>(connection: Connection<Statement>): void {
  const prepare = connection.prepare.bind(connection);
  const known = new Map<string, Statement>();
  connection.prepare = (sql) => {
    const found = known.get(sql);
    if (found) return found;
    const statement = prepare(sql);
    // The oldest goes first: lists of varying length make statements that never come again.
    if (known.size >= MOST) known.delete(known.keys().next().value!);
    // What changes tables is not asked twice.
    if (!/^\s*(alter|create|drop|pragma|begin|commit|rollback)/i.test(sql))
      known.set(sql, statement);
    return statement;
  };
}
