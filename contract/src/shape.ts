/** What a body may come to before any of its fields is looked at: rules that cost something see nothing larger. */
export const SHAPE_LIMITS = { depth: 24, rows: 1000, values: 60_000 } as const;

/** Where a body is larger or deeper than any that means something. */
export interface ShapeFault {
  readonly at: string;
  readonly message: string;
}

/**
 * Looks at the size of a body alone, without recursion and in one pass.
 *
 * @param body as it was parsed
 * @returns the first place that is too much; undefined for a body of usual size
 */
export function shapeFault(body: unknown): ShapeFault | undefined {
  const waiting: { readonly value: unknown; readonly at: string; readonly depth: number }[] = [
    { value: body, at: 'body', depth: 1 },
  ];
  let seen = 0;
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    const { value, at, depth } = next;
    seen += 1;
    if (seen > SHAPE_LIMITS.values) return { at: 'body', message: `holds more than ${SHAPE_LIMITS.values} values` };
    if (typeof value !== 'object' || value === null) continue;
    if (depth > SHAPE_LIMITS.depth) return { at, message: `is nested deeper than ${SHAPE_LIMITS.depth} levels` };
    const entries = Object.entries(value);
    if (entries.length > SHAPE_LIMITS.rows) return { at, message: `has more than ${SHAPE_LIMITS.rows} rows` };
    for (const [key, inner] of entries)
      waiting.push({ value: inner, at: `${at}.${key.slice(0, 40)}`, depth: depth + 1 });
  }
  return undefined;
}
