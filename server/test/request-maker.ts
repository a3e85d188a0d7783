/** Requests from an OpenAPI description: what it asks for, and everything that it does not. Seeded: the same each time. */

type Schema = Readonly<Record<string, any>>;

/** Values that have broken servers before. */
const ODD: readonly unknown[] = [
  null,
  true,
  '',
  ' ',
  '\ud800',
  'a\u0000b',
  '{3f2b8c1e-6a54-4b7d-9f0e-1c2d3e4f5a6b}',
  '3F2B8C1E-6A54-4B7D-9F0E-1C2D3E4F5A6B',
  '+275760-09-13T00:00:00.000Z',
  '0000-01-01T00:00:00.000Z',
  '2026-02-30T25:61:00Z',
  '-1',
  'x'.repeat(100_000),
  '../../etc/passwd',
  "'; DROP TABLE drinks; --",
  '%00',
  -1,
  0,
  -0,
  0.5,
  2_147_483_648,
  1e308,
  -1e308,
  Number.MAX_SAFE_INTEGER,
  [],
  {},
  [null, null, null],
  [[[[[[[[]]]]]]]],
  { constructor: 1, toString: null },
];

const deep = (levels: number): unknown => {
  let value: unknown = 1;
  for (let level = 0; level < levels; level += 1) value = level % 2 ? [value] : { a: value };
  return value;
};

export type Random = () => number;

/** Mulberry32. Source: public domain generator by T. Ettinger. */
export function seededRandom(seed: number): Random {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** Makes values of a schema, and now and then one that is none. */
export class RequestMaker {
  /** @param ids things that are there, so that requests get further than "not found" */
  constructor(
    private readonly random: Random,
    private readonly ids: readonly string[],
  ) {}

  pick<T>(from: readonly T[]): T {
    return from[Math.floor(this.random() * from.length)] as T;
  }

  chance(share: number): boolean {
    return this.random() < share;
  }

  odd(): unknown {
    if (this.chance(0.05)) return deep(this.pick([30, 3000]));
    if (this.chance(0.03)) return Array.from({ length: 20_000 }, (_, index) => ({ name: `pot ${index % 7}` }));
    return this.pick(ODD);
  }

  text(): string {
    return this.pick([
      'Salt',
      '2 g table salt',
      '500 mL water',
      'simmer 10 min',
      'use 10 mL Salt',
      'ünïcödé 🫙',
      '1 g constructor',
    ]);
  }

  /** A value of a schema; with a chance of `oddness` at every place something else. */
  value(schema: Schema, oddness: number): unknown {
    if (this.chance(oddness)) return this.odd();
    const { enum: words, anyOf, oneOf, allOf, type, pattern = '', nullable } = schema;
    if (nullable && this.chance(0.2)) return null;
    if (words) return this.pick(words as readonly unknown[]);
    const some = (anyOf ?? oneOf ?? allOf) as readonly Schema[] | undefined;
    if (some) return this.value(this.pick(some), oddness);
    if (type === 'array')
      return Array.from({ length: Math.floor(this.random() * 4) }, () => this.value(schema.items ?? {}, oddness));
    if (type === 'integer') return Math.floor(this.number(schema));
    if (type === 'number') return this.number(schema);
    if (type === 'boolean') return this.chance(0.5);
    if (type === 'string') {
      if (String(pattern).includes('4[0-9a-f]{3}')) return this.pick(this.ids);
      if (String(pattern).includes('\\d{4}-')) return '2026-10-01T08:00:00.000Z';
      return schema.format === 'email' ? 'somebody@example.test' : this.text();
    }
    const fields = Object.entries((schema.properties ?? {}) as Readonly<Record<string, Schema>>);
    const needed = new Set<string>(schema.required ?? []);
    const made = fields
      .filter(([name]) => (needed.has(name) ? !this.chance(oddness / 4) : this.chance(0.5)))
      .map(([name, each]) => [name, this.value(each, oddness)] as const);
    return { ...Object.fromEntries(made), ...(this.chance(oddness / 4) ? { more: this.odd() } : {}) };
  }

  private number({ minimum = 0, maximum = 1000 }: Schema): number {
    return minimum + this.random() * Math.min(maximum - minimum, 1000);
  }
}
