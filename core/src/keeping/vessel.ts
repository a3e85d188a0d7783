/** What drinks are kept in, as they are drawn. */
export const VESSEL_SHAPES = ['bottle', 'jar', 'flask', 'jug', 'tin'] as const;
export type VesselShape = (typeof VESSEL_SHAPES)[number];

/** What a drink is kept in. */
export interface Vessel {
  /** As the kitchen calls it; nothing where nobody has said. */
  readonly name: string;
  readonly shape: VesselShape;
  /** To the brim. */
  readonly size_mL: number;
  readonly dark: boolean;
  /** Whether it takes what is hot; not said of most. */
  readonly heatSafe?: boolean;
  /** Had something else in it before: its lid and its smell are looked at first. */
  readonly reused?: boolean;
}

const WORDS: readonly (readonly [RegExp, VesselShape])[] = [
  [/\b(?:jar|pot|crock)s?\b/i, 'jar'],
  [/\b(?:flask|hip flask|pouch)(?:e?s)?\b/i, 'flask'],
  [/\b(?:jug|pitcher|carafe)s?\b/i, 'jug'],
  [/\b(?:tin|canister|box)(?:e?s)?\b/i, 'tin'],
];

/** The shape of a vessel by what it is called; a bottle where its name does not say. */
export const shapeOf = (name: string): VesselShape => WORDS.find(([word]) => word.test(name))?.[1] ?? 'bottle';
