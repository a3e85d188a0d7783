/** What drinks are kept and made in, one or several. */
export const VESSELS: ReadonlySet<string> = new Set(
  'jug jugs jar jars pot pots pan pans bowl bowls bottle bottles bucket flask pitcher glass glasses'.split(' '),
);

/** Words between a part and the vessel it is a part of: "a third of the jar". */
export const OF_THE: ReadonlySet<string> = new Set('of the a an your one'.split(' '));

/** "Enough for three bottles": the word that says so, and the one before the number. */
export const ENOUGH = 'enough';
export const ENOUGH_FOR = 'for';

/** How full: "fill the jar 3/4". */
export const FULL: ReadonlySet<string> = new Set(['fill', 'filled', 'full', 'fills', 'up']);

/** "The jar holds 1 L". */
export const HOLDS: ReadonlySet<string> = new Set(['is', 'holds']);

/** What is said behind these is what they hold. */
export const FILLED = /^(?:capsule|tablet|sachet|jar)s?$/;
export const CAPSULES = /^(?:capsule|cap|tablet|pill)s?$/;

/** What one holds where nobody says it, mL. Source: usual sizes, estimates. */
export const USUAL_VESSEL_ML: Readonly<Record<string, number>> = {
  bottle: 500,
  bottles: 500,
  jar: 500,
  jars: 500,
  glass: 250,
  glasses: 250,
  jug: 1000,
  jugs: 1000,
};
/** Sizes that most of them have, as answers. */
export const VESSEL_SIZES: readonly string[] = ['250 mL', '500 mL', '1 L'];
