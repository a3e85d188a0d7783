/** Something that is to be bought. */
export interface ShoppingItem {
  /** As it is read in the shop: "2 x 500 g honey". */
  readonly text: string;
  /** Id of its ingredient; null of what was typed by hand. */
  readonly ingredient: string | null;
  /** What it is for: "200 g for Fogbank elderberry syrup". */
  readonly why: string;
  /** When it was put on the list, ISO 8601. */
  readonly added: string;
  /** When it was taken off the shelf of the shop; null while it is to be bought. */
  readonly ticked: string | null;
}

/** What a kitchen is to buy, by id: one document, so that two can shop at once and without a network. */
export interface ShoppingList {
  readonly items: Readonly<Record<string, ShoppingItem>>;
}

export const NOTHING_TO_BUY: ShoppingList = { items: {} };
export const MOST_TO_BUY = 300;

/** Sizes that packages come in where nobody has bought any, g. */
const USUAL_PACKAGES_g = [25, 50, 100, 250, 500, 1000] as const;

/** So many packages of a size. */
export interface Packages {
  readonly count: number;
  readonly each_g: number;
}

/**
 * The fewest packages that one can buy with so much in them: of the size that was bought last, else of the smallest usual one that
 * holds all of it, or as many of the largest as it needs.
 *
 * @param wanted_g above 0
 * @param bought_g what was in a package that was bought before, g
 * @throws RangeError for nothing wanted
 */
export function packagesFor(wanted_g: number, bought_g?: number): Packages {
  if (!(wanted_g > 0)) throw new RangeError(`packagesFor: wanted_g must be above 0, got ${wanted_g}`);
  const largest = USUAL_PACKAGES_g.at(-1)!;
  const each_g = bought_g ?? USUAL_PACKAGES_g.find((size) => size >= wanted_g) ?? largest;
  return { count: Math.ceil(wanted_g / each_g - 1e-9), each_g };
}
