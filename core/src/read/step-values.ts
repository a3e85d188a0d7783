import { findIngredient } from '../catalogue';
import type { Verb } from '../drink';
import { readIngredientLine } from '../quantity';
import type { FoundAction } from './action-words';
import { SOLID_WORDS } from './en/noise';
import { PART_WORDS } from './en/numbers';
import { VESSEL_WORDS } from './en/places';
import { nameIn } from './names';
import type { Slots } from './slots';
import { plainNumber } from './plain-number';
import type { Token } from './tokens';

const wordsOf = (tokens: readonly Token[]): readonly string[] =>
  tokens.filter(({ kind }) => kind === 'word').map(({ text }) => text);

/** The value of a step, as a drink file writes it, with what else is known by it. */
export interface StepValue {
  readonly text: string;
  readonly relative?: string;
  readonly celsius?: number;
  /** What must be asked; null where nothing is left to ask. */
  readonly ask?: string | null;
  readonly thing?: string;
  readonly grams?: number;
  /** What else is told of it. */
  readonly told?: Readonly<Record<string, string>>;
}

/** How far a pot is reduced: "by half", "to a third is left", "to 500 mL". */
function reductionOf(slots: Slots): string | undefined {
  if (slots.amount) return `to ${slots.amount}`;
  const words = slots.left;
  const number = words.find(({ kind }) => kind === 'number');
  if (!number || number.low >= 1) return undefined;
  const by = words.some(({ text }) => text === 'by');
  const left = words.some(({ text }) => text === 'left' || text === 'remains');
  const share = by && !left && number.low !== 1 / 2 ? 1 - number.low : number.low;
  const named = Object.entries(PART_WORDS).find(([word, part]) => !word.endsWith('s') && Math.abs(part - share) < 1e-6);
  return `to ${named && named[0] !== 'eighth' ? named[0].replace(/^(?=third|quarter)/, 'a ') : `${plainNumber(share * 100, 3)} %`}`;
}

/** "3 x 250 mL jars" as a step says what is filled. */
function containersOf(tokens: readonly Token[], words: string): string | undefined {
  const numbers = tokens.filter(({ kind, article }) => kind === 'number' && !article);
  const named = /\b(?:bottle|jar|flask)$/.exec(words)?.[0];
  const thing = tokens.find(({ text }) => /^(?:bottle|jar|flask|carafe)s?$/.test(text))?.text ?? named ?? 'bottle';
  if (numbers.length === 0) return undefined;
  const unitAt = tokens.findIndex(
    ({ text }, index) =>
      index > 0 && /^(?:ml|l|litre|litres|cl|oz|floz|pint|pints)$/.test(text) && tokens[index - 1]!.kind === 'number',
  );
  if (unitAt < 0) return undefined;
  const size = `${tokens[unitAt - 1]!.text} ${tokens[unitAt]!.text}`;
  const count = numbers.length > 1 ? numbers[0]!.text : '1';
  return `${count} x ${size} ${[...qualitiesOf(tokens), thing].join(' ')}`;
}

/** What is said of a vessel that changes what may go into it. */
const qualitiesOf = (tokens: readonly Token[]): readonly string[] => [
  ...new Set(tokens.flatMap(({ text }) => (Object.hasOwn(VESSEL_WORDS, text) ? [VESSEL_WORDS[text]!] : []))),
];

/** What lies in the pot under a name: of a spice its sticks, pods and whole seeds. */
function pieceNameOf(name: string): string {
  const stick = findIngredient(`${name} stick`) ?? findIngredient(`whole ${name}`) ?? findIngredient(name);
  return (stick?.name ?? name).toLowerCase();
}

/** Grams of as much water. */
function gramsOf(amount: string): number {
  const line = readIngredientLine(`${amount} water`);
  return line.kind === 'read' && line.dose.kind === 'mass' ? line.dose.mass_g : 0;
}

/** Whether an amount measures a liquid: five handfuls do not. */
const measures = (amount: string | undefined): amount is string => amount !== undefined && gramsOf(amount) > 0;

/** "below 40": a number alone beside something that is cooled is degrees. */
function bareDegrees(slots: Slots): number | undefined {
  const at = slots.left.findIndex(({ kind, article }) => kind === 'number' && !article);
  if (at < 0) return undefined;
  const [number] = slots.left.splice(at, 1) as [Token];
  return number.low;
}

type Value = (slots: Slots, found: FoundAction) => StepValue;

/** A number alone beside something that takes time is minutes; asked about where it could be anything. */
function bareMinutes(slots: Slots, verb: Verb): StepValue | undefined {
  const bare = slots.left.find(({ kind, article, low }) => kind === 'number' && !article && low >= 1);
  if (slots.time !== undefined || !bare) return undefined;
  slots.time = `${bare.text} min`;
  slots.minutes = (bare.low + bare.high) / 2;
  slots.left.splice(slots.left.indexOf(bare), 1);
  const sure = verb === 'simmer' || verb === 'boil';
  return { text: slots.time, ...(sure ? {} : { ask: `${bare.text} minutes?` }) };
}

const timed =
  (verb: Verb): Value =>
  (slots) =>
    bareMinutes(slots, verb) ?? { text: slots.time ?? '' };

/** Nothing that is mostly water is hotter in an open pot, °C; a sugar syrup boils a little above water. */
const HOTTEST_POT_C = 104;

/** A temperature as a step says it: one that no pot has was read off a thermometer in Fahrenheit, and is asked about. */
function degrees(said: number): StepValue {
  const celsius = said > HOTTEST_POT_C ? ((said - 32) * 5) / 9 : said;
  const text = `to ${plainNumber(celsius, 3)} °C`;
  if (celsius === said) return { text, celsius };
  const ask = `${plainNumber(said, 3)} °C is hotter than any pot of water: is ${plainNumber(said, 3)} °F meant, ${plainNumber(celsius, 3)} °C?`;
  return { text, celsius, ask, told: { scale: 'fahrenheit' } };
}

/** What the words of an action say the heat goes to, °C. */
const HEATED: Readonly<Record<string, number>> = { 'to boil': 100, 'to a simmer': 94, 'to 40 °C': 40, 'to 60 °C': 60 };

function heated(slots: Slots, { row }: FoundAction): StepValue {
  const known = row.value === undefined ? undefined : HEATED[row.value];
  if (slots.celsius !== undefined && known !== 100) return degrees(slots.celsius);
  if (known !== undefined) return { text: row.value!, celsius: known };
  return { text: 'to 60 °C', ask: 'To what temperature?' };
}

const cooled =
  (text: string, usual: number): Value =>
  (slots) => {
    const celsius = slots.celsius ?? bareDegrees(slots);
    return celsius === undefined ? { text, celsius: usual } : degrees(celsius);
  };

function reduced(slots: Slots, { row }: FoundAction): StepValue {
  if (row.words.endsWith('coats')) {
    slots.left.splice(0, slots.left.length);
    return { text: 'until it coats a spoon', relative: 'until it coats a spoon' };
  }
  const mark = reductionOf(slots);
  if (mark === undefined) return { text: 'to half', relative: 'to half', ask: 'How much should be left?' };
  slots.left.splice(0, slots.left.length);
  return { text: mark, relative: mark };
}

function removed(slots: Slots): StepValue {
  const words = wordsOf(slots.left);
  const name = nameIn(words);
  const named = new Set(name ? words.slice(name.from, name.to) : []);
  // Something that nobody knows is not all that is in the pot.
  const strange = slots.left.filter(({ kind, text }) => kind === 'word' && !named.has(text) && !SOLID_WORDS.has(text));
  slots.left.splice(0, slots.left.length, ...strange);
  if (words.some((each) => /^teabags?$/.test(each))) return { text: 'solids', thing: 'tea bags' };
  if (words.includes('fruit')) return { text: 'solids', thing: 'fruit' };
  return name ? { text: name.name, thing: pieceNameOf(name.name) } : { text: 'solids', thing: 'solids' };
}

/** How each verb gets its value from what stands around it; the others have a time or nothing. */
const VALUES: Readonly<Partial<Record<Verb, Value>>> = {
  heat: heated,
  cool: cooled('to room', 21),
  chill: cooled('to 5 °C', 5),
  reduce: reduced,
  remove: removed,
  // What is squeezed through a cloth is pressed in it.
  strain: ({ through }, { row }) => ({ text: row.words.startsWith('strain-press') ? 'press' : (through ?? '') }),
  store: ({ place }) => ({ text: place === 'dark cupboard' ? 'cupboard' : (place ?? 'fridge') }),
  draw: ({ amount }) =>
    measures(amount) ? { text: amount, grams: gramsOf(amount) } : { text: 'half', ask: 'How much is drawn off?' },
  rinsePass: ({ amount }) =>
    measures(amount)
      ? { text: `${amount} water`, thing: 'water', grams: gramsOf(amount) }
      : { text: '500 mL water', thing: 'water', ask: 'How much water?' },
  bottle: (_slots, { rest, row }) => {
    const containers = containersOf(rest, row.words);
    const some = ['1 x 500 mL', ...qualitiesOf(rest), 'bottle'].join(' ');
    // "In sterilised 250 mL bottles": as many as it takes.
    const uncounted = /^1 x/.test(containers ?? '') && rest.some(({ text }) => /^(?:bottle|jar|flask)s$/.test(text));
    if (containers) return { text: containers, ask: null, ...(uncounted ? { told: { bottles: 'unsaid' } } : {}) };
    return { text: some, told: { bottles: 'unsaid' }, ...(row.ask ? { ask: row.ask } : {}) };
  },
  carbonate: ({ amount }) => ({ text: `with ${amount ?? '1 L'} sparkling water` }),
  press: (_slots, { row }) => ({ text: row.words.includes('juicer') ? 'juicer' : 'hand press' }),
  skim: () => ({ text: '' }),
  wash: () => ({ text: '' }),
};

/** These take as long as is said. */
const TIMED: ReadonlySet<Verb> = new Set<Verb>([
  'simmer',
  'boil',
  'steep',
  'rest',
  'infuse',
  'soak',
  'process',
  'freeze',
  'blend',
  'mash',
  'mill',
  'stir',
  'dissolve',
]);

/**
 * The value of a step from what stands around it.
 *
 * @param found the action, with the verb it is settled to
 * @param slots changed in place: what is used is taken out
 */
export function valueOf(found: FoundAction, slots: Slots): StepValue {
  const { verb } = found.row;
  if (TIMED.has(verb)) return timed(verb)(slots, found);
  return VALUES[verb]?.(slots, found) ?? { text: slots.time ?? '' };
}
