import pg from 'pg';

/** A statement as it goes to the database. */
export interface Statement {
  readonly text: string;
  readonly values?: readonly unknown[];
}

type Query = (config: string | Statement, values?: unknown, done?: unknown) => unknown;

/** Notes every statement that goes through `pg` in this process while something is done. */
export async function recordSql(doing: () => Promise<void>): Promise<readonly Statement[]> {
  const prototype = pg.Client.prototype as unknown as { query: Query };
  const original = prototype.query;
  const noted: Statement[] = [];
  prototype.query = function query(this: unknown, config, values, done) {
    const { text, values: own } = typeof config === 'string' ? { text: config, values: undefined } : config;
    const all = (Array.isArray(values) ? values : own) as readonly unknown[] | undefined;
    noted.push({ text, ...(all ? { values: all } : {}) });
    return original.call(this, config, values, done);
  };
  try {
    await doing();
  } finally {
    prototype.query = original;
  }
  return noted;
}

/** The same statement about something else: ids and numbers that were recorded, exchanged wherever they stand. */
export const about = ({ text, values }: Statement, exchanged: Readonly<Record<string, string>>): Statement => {
  const other = (said: string) =>
    Object.entries(exchanged).reduce((so_far, [from, to]) => so_far.replaceAll(from, to), said);
  return {
    text: other(text),
    ...(values
      ? {
          values: values.map((each) =>
            each === null || each === undefined || typeof each === 'object' ? each : other(String(each)),
          ),
        }
      : {}),
  };
};
