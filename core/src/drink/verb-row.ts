import type { ReadQuantity } from '../brew-event';

/** Groups in which verbs are offered, by what a maker is about to do. */
export const VERB_GROUPS = ['Put in', 'Get ready', 'Heat', 'Let stand', 'Mix', 'Take away', 'Cool', 'Keep'] as const;
export type VerbGroup = (typeof VERB_GROUPS)[number];

/** Everything besides its value that a step can say; what a qualifier means differs where the names do. */
export type StepClause =
  | 'lid'
  | 'pot'
  | 'burner'
  | 'at'
  | 'coolIn'
  | 'soakIn'
  | 'washIn'
  | 'washFor'
  | 'keepLiquid'
  | 'gently'
  | 'eaten'
  | 'rinseThrough'
  | 'headspace'
  | 'altitude'
  | 'method'
  | 'loadLimit'
  | 'as';

/** The value of a step: what it is asked as, and what is offered for it. */
export interface VerbValue {
  readonly label: string;
  readonly placeholder: string;
  readonly picks: readonly string[];
}

/** What a cook wants to know while doing it. */
export interface VerbGuide {
  /** What to look for. */
  readonly look: string;
  /** What can go wrong. */
  readonly mind: string;
  /** What is worth reading off, the first one asked for. */
  readonly readings: readonly ReadQuantity[];
}

/** All that is known of a verb, besides how the pot changes: that is its runner in `simulate/`. */
export interface VerbRow {
  readonly group: VerbGroup;
  /** On a button. */
  readonly label: string;
  /** Before the value: as the heading of a step, as a line that is edited, as a sentence of a recipe. */
  readonly title: string;
  readonly line: string;
  readonly sentence: string;
  readonly value: VerbValue;
  readonly takes: readonly StepClause[];
  /** Where its minutes stand: in the value, in `for`, found by the simulator, or nowhere of weight. */
  readonly time: 'value' | 'for' | 'found' | 'brief';
  /** Whether it needs the stove, and whether what is in the pot cooks on it. */
  readonly stove: 'none' | 'warms' | 'cooks';
  /** Hands the whole time, somebody near, or nobody until it is over. */
  readonly attention: 'hands' | 'near' | 'free';
  /** What becomes of the pot on the stove: it is needed, it stays taken, the drink leaves it, or none of these. */
  readonly pot: 'needed' | 'taken' | 'left' | 'any';
  /** False where the contents of the pot are the same afterwards. */
  readonly changesContents: boolean;
  /** Where that went which a measurement finds missing. */
  readonly missing: 'steam' | 'behind';
  /** Something is held back that a harder press would give. */
  readonly holdsBack: boolean;
  /** Afterwards it is too late to taste. */
  readonly putsAway: boolean;
  /** It can be tasted and something added. */
  readonly tasted: boolean;
  /** Its object says nothing that the simulator needs. */
  readonly bare: boolean;
  /** What has to be there for it. */
  readonly tool: 'burner' | 'blender' | 'strainer' | 'mill' | 'press' | 'fridge' | 'freezer' | null;
  readonly guide: VerbGuide;
}

const capital = (word: string): string => word[0]!.toUpperCase() + word.slice(1);

/** What a row says where it is not like most. */
type Said = Pick<VerbRow, 'label'> &
  Partial<Omit<VerbRow, 'group' | 'label' | 'guide'>> & { guide?: Partial<VerbGuide> };

/**
 * Rows of one group: each says what differs from a verb that is done by hand in a moment.
 *
 * @param usual what all of the group have in common
 */
export function verbRows<Name extends string>(
  group: VerbGroup,
  usual: Partial<VerbRow>,
  rows: Readonly<Record<Name, Said>>,
): Readonly<Record<Name, VerbRow>> {
  const row = (name: string, { guide, ...said }: Said): VerbRow => ({
    group,
    title: said.label,
    line: name,
    sentence: capital(name),
    value: { label: 'How long', placeholder: '', picks: [] },
    takes: [],
    time: 'brief',
    stove: 'none',
    attention: 'hands',
    pot: 'any',
    changesContents: true,
    missing: 'steam',
    holdsBack: false,
    putsAway: false,
    tasted: false,
    bare: false,
    tool: null,
    ...usual,
    ...said,
    guide: { look: '', mind: '', readings: [], ...guide },
  });
  return Object.fromEntries(Object.entries<Said>(rows).map(([name, said]) => [name, row(name, said)])) as Record<
    Name,
    VerbRow
  >;
}
