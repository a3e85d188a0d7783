import { forbidsBoiling } from '../drink';
import { formatNumber, bulkDensityFor } from '../quantity';
import type { TraceEntry } from '../simulate';
import type { Finding, FindingContext, FindingRule } from './finding';

/** What the steps themselves came across: full pots, cold glass, loads, passes. */
export const stepNotes: FindingRule = ({ trace }) =>
  trace.entries.flatMap(({ step, notes }) => (notes ?? []).map((note) => ({ ...note, step })));

/** Above this honey loses its scent, °C. It is a matter of taste, not of safety. */
const HONEY_C = 45;

/** Honey in a pot that is too hot for its scent. */
export const honeyTooHot: FindingRule = ({ trace }) =>
  trace.entries.flatMap(({ step, line, temperature_C, hottest_C }, index): Finding[] => {
    if (line?.ingredient.id !== 'honey') return [];
    const later = trace.entries.slice(index).reduce((most, entry) => Math.max(most, entry.hottest_C), temperature_C);
    const hottest = Math.max(later, hottest_C);
    return hottest > HONEY_C
      ? [
          {
            code: 'honey-too-hot',
            step,
            text: `Honey gets ${formatNumber(Math.round(hottest))} °C hot here and loses its scent. Cool the pot to 40 °C first, if you care for it. It is a matter of taste, not of safety.`,
          },
        ]
      : [];
  });

const TENDER = new Set(['leaf', 'flower', 'hibiscus']);
const SIMMER_ONLY = new Set([
  'ginger-fresh',
  'turmeric-fresh',
  'rose-hips-fresh',
  'rose-hips-dried',
  'elderberries-fresh',
]);
/** A boil shorter than this is bringing it to the boil, min. */
const SHORT_BOIL_min = 3;

/** Boiling what should only simmer or steep. */
export const boilsInstead: FindingRule = ({ trace }) =>
  trace.entries.flatMap(({ step, verb, minutes, pot }): Finding[] => {
    if (verb !== 'boil' || minutes <= SHORT_BOIL_min) return [];
    const tender = pot.solids.find(
      ({ ingredient }) => TENDER.has(ingredient.part ?? '') || SIMMER_ONLY.has(ingredient.id),
    );
    return tender
      ? [
          {
            code: 'boils-what-should-simmer',
            step,
            text: `A rolling boil drives off what is fine in ${tender.ingredient.name.toLowerCase()}. Simmer it below the boil, or steep it off the heat.`,
          },
        ]
      : [];
  });

/** A pot this near the boil boils, K. */
const BOILS_WITHIN_K = 1;

/** "Do not boil" is said of a step, and it or a later one boils what it went into. */
export const boilsAgainstNote: FindingRule = ({ trace, drink }) => {
  const said = trace.entries.findIndex(({ step }) => forbidsBoiling(drink.steps[step]?.note ?? ''));
  if (said < 0) return [];
  const hot = trace.entries
    .slice(said)
    .find(
      ({ verb, hottest_C, boil_C }) =>
        verb === 'boil' || (boil_C !== undefined && hottest_C >= boil_C - BOILS_WITHIN_K),
    );
  return hot
    ? [
        {
          code: 'boils-what-should-simmer',
          step: hot.step,
          text: `Step ${trace.entries[said]!.step + 1} says not to boil it, and here it boils. Stay below ${formatNumber(Math.floor((hot.boil_C ?? 100) - 5))} °C, or take the note away.`,
        },
      ]
    : [];
};

const bulkOf = ({ pot }: TraceEntry, dried: boolean): number =>
  pot.entries.reduce((sum, { ingredient, mass_g }) => {
    if (ingredient.state !== 'solid' || ingredient.dried !== dried || ingredient.part === 'fruit') return sum;
    return sum + mass_g / (bulkDensityFor(ingredient)?.density_g_mL ?? 0.5);
  }, 0);

/** How much of a jar dried herb may fill before it swells. Source: household practice, a third to a half. */
const DRIED_SHARE = 0.5;
/** Dried herb swells to about this many times its loose volume over days. */
const SWELLS = 1.3;
const MACERATES_min = 720;

const macerations = ({ trace }: FindingContext): readonly TraceEntry[] =>
  trace.entries.filter(
    ({ verb, minutes, pot, temperature_C }) =>
      ['steep', 'rest', 'infuse', 'soak'].includes(verb) && minutes >= MACERATES_min && !pot.dry && temperature_C < 50,
  );

/** The jar a maceration stands in: the one filled before it, or one that just holds everything. */
function jarSize(context: FindingContext, { step, volume_mL, pot }: TraceEntry): number {
  const filled = context.trace.entries.findLast((entry) => entry.step < step && entry.filled)?.filled;
  return filled ? filled.count * filled.size_mL : (volume_mL ?? 0) + pot.pieces_g;
}

/** Too much dried herb in a jar. */
export const overfullJar: FindingRule = (context) =>
  macerations(context).flatMap((entry): Finding[] => {
    const herb_mL = bulkOf(entry, true);
    const jar_mL = jarSize(context, entry);
    return herb_mL > DRIED_SHARE * jar_mL
      ? [
          {
            code: 'jar-overfull-dried-herb',
            step: entry.step,
            text: `The dried herb fills ${formatNumber((100 * herb_mL) / jar_mL)} % of the jar before it swells. A third to a half is plenty: use less, or a larger jar.`,
          },
        ]
      : [];
  });

/** Herb that will stand out of the liquid. */
export const herbAbove: FindingRule = (context) =>
  macerations(context).flatMap((entry): Finding[] => {
    const herb_mL = bulkOf(entry, true) * SWELLS + bulkOf(entry, false);
    return herb_mL > (entry.volume_mL ?? 0)
      ? [
          {
            code: 'herb-above-liquid',
            step: entry.step,
            text: `The herb takes up about ${formatNumber(herb_mL)} mL and there are ${formatNumber(entry.volume_mL ?? 0)} mL of liquid: some will stand out of it and go mouldy. Add liquid until all is covered, and weigh the herb down.`,
          },
        ]
      : [];
  });

const FIZZES = new Set(['sparkling-water']);

/** Gas made or lost by the order of things. */
export const fizzOrder: FindingRule = ({ trace }) => {
  const acid = trace.pot.entries.find(
    ({ ingredient }) => ingredient.role === 'acid' || (ingredient.composition?.citric_mmol ?? 0) > 0.1,
  );
  const soda = trace.pot.entries.find(({ ingredient }) => /bicarbonate|HCO3|CO3/.test(`${ingredient.formula ?? ''}`));
  const findings: Finding[] = [];
  if (acid && soda && !trace.pot.dry)
    findings.push({
      code: 'fizz-order',
      step: Math.max(acid.step, soda.step),
      text: 'Acid and soda foam together. Use a jug twice the size, put the acid into the water first, sprinkle the powder in a little at a time, and leave it open until it is still.',
    });
  const fizzy = trace.entries.find(
    ({ line, verb }) => (line && FIZZES.has(line.ingredient.id)) || verb === 'carbonate',
  );
  const after =
    fizzy &&
    trace.entries.find(
      ({ step, verb, line }) =>
        step > fizzy.step && (verb === 'shake' || (line !== undefined && !FIZZES.has(line.ingredient.id))),
    );
  if (fizzy && after)
    findings.push({
      code: 'fizz-order',
      step: after.step,
      text: 'The fizz goes in last: pour the concentrate first and the fizzy water gently onto it, with room for the foam, and do not shake it.',
    });
  return findings;
};

/** Bottles without room at the top where it matters. */
export const headspace: FindingRule = ({ trace }) =>
  trace.entries.flatMap(({ step, filled }): Finding[] => {
    if (!filled || filled.headspace_mL !== null) return [];
    const frozen = trace.entries.some(({ place }) => place === 'freezer');
    const processed = trace.entries.some((entry) => entry.processed);
    const gassy = trace.entries.some(
      ({ verb, line }) => verb === 'carbonate' || line?.ingredient.id === 'sparkling-water',
    );
    if (!frozen && !processed && !gassy) return [];
    const why = frozen
      ? 'It grows by a tenth when it freezes: leave 10 % of the bottle empty.'
      : processed
        ? 'Jars that are processed need 1 cm at the top (1/4 to 1/2 inch).'
        : 'Foam needs room: leave a fifth of the bottle empty.';
    return [{ code: 'headspace', step, text: `How much room is left at the top is not said. ${why}` }];
  });

const PITHY = new Set([
  'lemon',
  'lime',
  'orange',
  'grapefruit',
  'bitter-orange',
  'pomelo',
  'mandarin',
  'blood-orange',
  'lemon-peel',
  'lime-peel',
  'orange-peel',
  'grapefruit-peel',
]);
const BITTER_min = 10;

/** White pith that makes a drink bitter. */
export const bitterPith: FindingRule = ({ drink, trace }) => {
  const pared = new Set(
    trace.pot.entries
      .filter(({ step }) => /pith|thin|zest/i.test(`${drink.steps[step]?.note ?? ''} ${drink.steps[step]?.text ?? ''}`))
      .map(({ ingredient }) => ingredient),
  );
  const found = trace.entries.find(({ verb, minutes, pot }) => {
    const cooks = ['simmer', 'boil', 'reduce'].includes(verb) && minutes >= BITTER_min;
    return (
      (cooks || verb === 'blend') &&
      pot.solids.some(({ ingredient }) => PITHY.has(ingredient.id) && !pared.has(ingredient))
    );
  });
  return found
    ? [
        {
          code: 'bitter-pith',
          step: found.step,
          text: 'The white pith of citrus turns it bitter when it is blended or cooked for long. Peel it thinly, or cut the pith away.',
        },
      ]
    : [];
};

/** Days from which a bottle needs a date on it. */
const NEEDS_LABEL_days = 3;

/** Bottles that are kept without a word about a label. */
export const noLabel: FindingRule = ({ drink, trace, keeping }) => {
  if (!keeping || keeping.days < NEEDS_LABEL_days) return [];
  const bottle = trace.entries.find(({ filled }) => filled);
  if (!bottle) return [];
  const told = drink.steps.some(({ note, text }) => /label|date|batch/i.test(`${note ?? ''} ${text}`));
  return told
    ? []
    : [
        {
          code: 'no-label-date',
          step: bottle.step,
          text: 'Nothing says to label it. Write the name, the batch number and the date on every bottle.',
        },
      ];
};
