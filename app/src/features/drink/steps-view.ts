import type { Analysis } from '@wellhydra/core/analyse';
import type { DrinkDocument, EditedStep, Verb } from '@wellhydra/core/drink';
import {
  US_SPOONS,
  bulkDensityFor,
  formatMass,
  formatVolume,
  readIngredientLine,
  roundToSpoons,
  type IngredientLine,
  type Unreadable,
} from '@wellhydra/core/quantity';

/** A step as it is drawn: what was understood, what it weighs, or what is wrong. */
export interface StepView {
  readonly id: string;
  readonly index: number;
  readonly verb: Verb;
  readonly text: string;
  /** What is on the row when it is not being edited. */
  readonly title: string;
  /** What it comes to: grams, spoons, spread. */
  readonly details: string;
  readonly notes: readonly string[];
  readonly problem: { readonly message: string; readonly suggestions: readonly string[] } | null;
}

const VERB_NAMES: Readonly<Partial<Record<Verb, string>>> = {
  dissolve: 'Stir until dissolved',
  stir: 'Stir',
  shake: 'Shake',
};

/** Spoons are worth saying up to a few tablespoons; more is a matter for a scale or a jug. */
const MOST_SPOONED_mL = 60;

/** Roundings already found: a key changes one row of many. */
const roundings = new Map<number, ReturnType<typeof roundToSpoons>>();
const MOST_ROUNDINGS = 500;

function nearestSpoons(volume_mL: number): ReturnType<typeof roundToSpoons> {
  const known = roundings.get(volume_mL);
  if (known) return known;
  const found = roundToSpoons(volume_mL);
  if (roundings.size >= MOST_ROUNDINGS) roundings.clear();
  roundings.set(volume_mL, found);
  return found;
}

function spoonWords(line: IngredientLine, mass_g: number): string | undefined {
  const bulk = bulkDensityFor(line.ingredient, line.form);
  if (!bulk || line.ingredient.role === 'water' || line.amount.unit.tool === 'spoon') return undefined;
  const volume_mL = mass_g / bulk.density_g_mL;
  if (volume_mL < US_SPOONS[0]!.volume_mL * 0.75 || volume_mL > MOST_SPOONED_mL) return undefined;
  const rounded = nearestSpoons(volume_mL);
  if (Math.abs(rounded.error) > 0.15) return undefined;
  return `about ${rounded.words.replaceAll('1 x ', '').replaceAll(' x ', ' × ').replaceAll('× 1 ', '× ')} level`;
}

function spreadWords(cv: number): string | undefined {
  const percent = Math.round(164.49 * cv);
  return percent >= 1 ? `± ${percent} %` : undefined;
}

/** What an addition comes to, in grams, spoons and spread. */
export function doseWords(line: IngredientLine, added_g: number): string {
  const isWeighed = line.amount.unit.dimension === 'mass';
  const mass = line.dose.kind === 'fill' || !isWeighed ? formatMass(added_g) : undefined;
  const spread = line.dose.kind === 'mass' ? spreadWords(line.dose.cv) : undefined;
  return [mass && `${mass}${spread ? ` ${spread}` : ''}`, spoonWords(line, added_g), !mass ? spread : undefined]
    .filter(Boolean)
    .join(' · ');
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** The catalogue's name for it, where the written one is another. */
function nameBeside({ ingredient }: IngredientLine, written: string): string | undefined {
  const text = written.toLowerCase();
  return ingredient.name
    .toLowerCase()
    .split(/[ ,]+/)
    .every((word) => text.includes(word))
    ? undefined
    : ingredient.name;
}

/** Steps as rows, with what the run of the drink says about each. */
export function stepsView(document: DrinkDocument, analysis: Analysis): readonly StepView[] {
  return document.steps.map((step, index): StepView => {
    const entry = analysis.trace.entries.find((each) => each.step === index);
    const problem = analysis.problems.find((each) => each.step === index);
    const notes = analysis.findings.filter((finding) => finding.step === index).map(({ text }) => text);
    const line = entry?.line;
    const title =
      step.verb === 'add'
        ? capital(step.text.trim()) || 'Nothing written yet'
        : [VERB_NAMES[step.verb] ?? capital(step.verb), step.text].filter(Boolean).join(', ');
    const details =
      line && entry.added_g !== undefined
        ? [nameBeside(line, step.text), doseWords(line, entry.added_g)].filter(Boolean).join(' · ')
        : '';
    return {
      id: step.id,
      index,
      verb: step.verb,
      text: step.text,
      title,
      details,
      notes,
      problem: problem ? { message: problem.message, suggestions: problem.suggestions } : null,
    };
  });
}

const STIRRING = /^(dissolve|stir|shake)(?:\s+(?:for\s+|until dissolved\s*)?(.*))?$/i;
const ADDING = /^add\s+/i;

/** A typed line as a step: "stir 2 min" stirs, everything else is added. */
export function stepFromLine(line: string): Pick<EditedStep, 'verb' | 'text'> {
  const text = line.trim();
  const stirring = STIRRING.exec(text);
  if (stirring) return { verb: stirring[1]!.toLowerCase() as Verb, text: (stirring[2] ?? '').trim() };
  return { verb: 'add', text: text.replace(ADDING, '') };
}

/** A step as the line it is edited as. */
export function lineFromStep({ verb, text }: Pick<EditedStep, 'verb' | 'text'>): string {
  return verb === 'add' ? text : [verb, text].filter(Boolean).join(' ');
}

export type ComposerView =
  | { readonly kind: 'empty' }
  | { readonly kind: 'understood'; readonly text: string; readonly details: string }
  | { readonly kind: 'problem'; readonly message: string; readonly suggestions: readonly string[] };

/** What is made of a line while it is being typed. */
export function composerView(line: string): ComposerView {
  if (line.trim() === '') return { kind: 'empty' };
  const step = stepFromLine(line);
  if (step.verb !== 'add')
    return { kind: 'understood', text: [VERB_NAMES[step.verb], step.text].filter(Boolean).join(', '), details: '' };
  const read = readIngredientLine(step.text);
  if (read.kind === 'unreadable') return problemView(read);
  const details =
    read.dose.kind === 'mass' ? doseWords(read, read.dose.mass_g) : `filled up to ${formatVolume(read.dose.volume_mL)}`;
  return {
    kind: 'understood',
    text: capital(read.understood),
    details: [details, ...read.assumed].filter(Boolean).join(' · '),
  };
}

function problemView({ message, suggestions }: Unreadable): ComposerView {
  return { kind: 'problem', message, suggestions };
}
