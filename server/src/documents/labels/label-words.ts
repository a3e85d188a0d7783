import type { BottleRecord } from '@wellhydra/contract';
import type { Person } from '@wellhydra/core/household';
import { namedCautions, type NamedCaution } from '@wellhydra/core/people';
import type { StandingJar } from '@wellhydra/core/brew';
import { VERB_TABLE } from '@wellhydra/core/drink';
import { formatNumber, formatPortion, shelfWords } from '@wellhydra/core/quantity';
import { servingFigureLines } from '@wellhydra/core/serving';

/** What a label says, as words. */
export interface LabelWords {
  readonly name: string;
  readonly batch: string;
  readonly due: string;
  /** Where it is kept, how much is in it, how much is taken. */
  readonly keep: string;
  /** What must not be overlooked, in full. */
  readonly stops: readonly string[];
  /** What is good to know before, in a few words each. */
  readonly warns: string;
  /** What is in it, the most of it first. */
  readonly contains: string;
  readonly perServing: string;
}

const dates = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const day = (iso: string): string => dates.format(new Date(iso));
/** What keeps shorter than this needs the hour on its label too. */
const DAY_ms = 86_400_000;
const SHORT_ms = 3 * DAY_ms;

function due({ useBy, madeAt }: BottleRecord): string {
  const short = Date.parse(useBy) - Date.parse(madeAt) < SHORT_ms;
  return short ? `${day(useBy)}, ${clock.format(new Date(useBy))}` : day(useBy);
}

const PLACE_WORDS = {
  fridge: 'Keep in the fridge',
  'cool-room': 'Keep in a cool room',
  cupboard: 'Keep dry and dark',
  freezer: 'Keep frozen',
} as const;

function perServing({ perServing: figures, serving_mL, kind }: BottleRecord): string {
  if (!figures) return '';
  const words = servingFigureLines(figures).map(({ key, name, unit, amount }) =>
    // Everybody knows what kcal are of.
    key === 'energy_kcal' ? `${formatNumber(amount)} ${unit}` : `${name.toLowerCase()} ${formatNumber(amount)} ${unit}`,
  );
  return words.length > 0 ? `In ${formatPortion(serving_mL, kind === 'dry-mix')}: ${words.join(', ')}` : '';
}

/** A caution that names somebody says it for them; the general one of the same thing is not said twice. */
const SAME: Readonly<Record<string, string>> = { 'honey-infant': 'honey-under-12-months' };
function inFull({ title, text }: Pick<NamedCaution, 'title' | 'text'>): string {
  const [who, what] = title.split(': ');
  // "Not for Wren: nothing but milk at this age" is not said twice.
  if (what && text.toLowerCase().startsWith(what.toLowerCase()))
    return `${who}: ${text.charAt(0).toLowerCase()}${text.slice(1)}`;
  return `${title}. ${text}`;
}

/** What is in a drink and whom it concerns, as a label says it. */
type Known = Pick<BottleRecord, 'facts' | 'cautions'>;

function contentsWords({ facts, cautions }: Known, people: Readonly<Record<string, Person>>, now: Date) {
  const named = facts ? namedCautions(facts, people, now) : [];
  const said = new Set(named.map(({ code }) => SAME[code]));
  const general = cautions.filter(({ code }) => !said.has(code));
  const of = <Said extends { severity: string }>(all: readonly Said[], severity: Said['severity']) =>
    all.filter((each) => each.severity === severity);
  return {
    stops: [...of(named, 'stop').map(inFull), ...of(general, 'stop').map(inFull)],
    warns: [...of(named, 'warn'), ...of(general, 'warn')].map(({ title }) => title).join(' · '),
    contains: facts && facts.byWeight.length > 0 ? `Contains ${facts.byWeight.join(', ')}` : '',
  };
}

/** A serving as its maker says it, and what that is: "1 tbsp, 15 mL". */
function doseWords(text: string | undefined, amount: string): string {
  return !text || text.replace(/\s/g, '') === amount.replace(/\s/g, '') ? amount : `${text} (${amount})`;
}

/**
 * What the label of a bottle says.
 *
 * @param people of the kitchen, who are named where it is not for them
 */
export function labelWords(bottle: BottleRecord, people: Readonly<Record<string, Person>>, now: Date): LabelWords {
  const amount = (each: number) => formatPortion(each, bottle.kind === 'dry-mix');
  const place = bottle.spot ? `${PLACE_WORDS[bottle.place]}: ${bottle.spot}` : PLACE_WORDS[bottle.place];
  const dose = doseWords(bottle.facts?.servingText, amount(bottle.serving_mL));
  return {
    name: bottle.drinkName,
    batch: `Batch ${bottle.batch} · made ${day(bottle.madeAt)}`,
    due: `Use by ${due(bottle)}`,
    keep: `${place} · ${amount(bottle.remaining_mL)} · serving ${dose}`,
    ...contentsWords(bottle, people, now),
    perServing: perServing(bottle),
  };
}

/** A brew that still stands in its jar. */
export interface JarToLabel extends Known {
  readonly drinkName: string;
  readonly batch: string;
  readonly startedAt: string;
  readonly jar: Pick<StandingJar, 'since' | 'until' | 'then' | 'strained'>;
}

/** What the label of a jar says that still stands: above all when to go on with it. */
export function jarWords(of: JarToLabel, people: Readonly<Record<string, Person>>, now: Date): LabelWords {
  const { since, until, then, strained } = of.jar;
  const stands_ms = until.getTime() - since.getTime();
  const by = stands_ms < SHORT_ms ? `${dates.format(until)}, ${clock.format(until)}` : dates.format(until);
  const does = strained ? 'Strain' : then ? VERB_TABLE[then].label : 'Look at it';
  return {
    name: of.drinkName,
    batch: `Batch ${of.batch} · begun ${day(of.startedAt)}`,
    due: `${does} by ${by}`,
    keep: `Still being made: it stands ${shelfWords(stands_ms / DAY_ms)}, since ${dates.format(since)}`,
    ...contentsWords(of, people, now),
    perServing: '',
  };
}
