import type { Ingredient } from '../catalogue';
import { formatMass, formatNumber, formatPortion, isUnreadable, readAmount, bulkDensityFor } from '../quantity';
import { DAILY_VALUES } from '../serving';
import type { Finding, FindingRule } from './finding';

/** What was taken for granted in reading a line. */
export const assumptions: FindingRule = ({ trace }) =>
  trace.entries.flatMap(({ step, line }): Finding[] =>
    (line?.assumed ?? []).map((assumed) => ({ code: 'assumed', step, text: `"${line!.understood}": ${assumed}.` })),
  );

/** Crystals that the water does not hold. */
export const undissolved: FindingRule = ({ trace }) =>
  trace.pot.sediment.map(({ ingredient, mass_g }) => ({
    code: 'will-not-dissolve',
    step: trace.pot.entries.findLast((entry) => entry.ingredient.id === ingredient.id)?.step ?? null,
    text: `${formatMass(mass_g)} of the ${ingredient.name.toLowerCase()} will not dissolve in this much water. Use less, or more water. A serving counts it; °Brix, pH and particles leave it out.`,
  }));

/** A recipe's own count of servings may be off by this share before it is said. */
const SERVINGS_OFF = 0.15;
const CLAIM =
  /(?:makes|gives|yields|for|enough for)?\s*(\d+)\s*(?:servings|glasses|cups worth|portions|doses|scoops)\b/i;

/** What the text claims to give against what the masses give. */
export const servingsDisagree: FindingRule = ({ drink, trace, serving }) => {
  if (!serving || !(serving.servings > 0)) return [];
  const texts = [
    { step: null as number | null, text: drink.name },
    ...trace.entries.map(({ step }) => ({ step, text: drink.steps[step]?.note ?? '' })),
  ];
  return texts.flatMap(({ step, text }): Finding[] => {
    const claimed = Number(CLAIM.exec(text)?.[1] ?? NaN);
    if (!(claimed > 0) || Math.abs(serving.servings / claimed - 1) <= SERVINGS_OFF) return [];
    return [
      {
        code: 'servings-disagree',
        step,
        text: `It says ${claimed} servings, but ${serving.text} each makes ${formatNumber(serving.servings)}. Trust the masses, and change the serving or the text.`,
      },
    ];
  });
};

/** A serving may be so much more than the batch before it is said: a cup and 240 mL are the same. */
const BATCH_OFF = 1.05;

/** A glass that is larger than all there is. */
export const servingExceedsBatch: FindingRule = ({ serving, trace }) =>
  serving && serving.asked > BATCH_OFF
    ? [
        {
          code: 'serving-exceeds-batch',
          step: null,
          text: `A serving is ${serving.text}, and there are only ${formatPortion(serving.volume_mL ?? trace.pot.mass_g, serving.volume_mL === null)} in all. The figures of a serving are for all of it: make more, or write a smaller serving.`,
        },
      ]
    : [];

/** Two statements of one amount may differ by this share before it is said. */
const AMOUNT_OFF = 0.2;

/** A note with another amount of the same thing: "1 tsp salt" beside "10 g". */
export const amountDisagrees: FindingRule = ({ drink, trace }) =>
  trace.entries.flatMap(({ step, line, added_g }): Finding[] => {
    const note = drink.steps[step]?.note;
    if (!note || !line || added_g === undefined) return [];
    const noted = readAmount(note.replace(/^(?:about|that is|or|=|i\.e\.)\s*/i, ''));
    if (isUnreadable(noted)) return [];
    const size = noted.value * noted.unit.size;
    const bulk = bulkDensityFor(line.ingredient, line.form)?.density_g_mL;
    const noted_g =
      noted.unit.dimension === 'mass' ? size : noted.unit.dimension === 'volume' && bulk ? size * bulk : NaN;
    if (!(noted_g > 0) || Math.abs(added_g / noted_g - 1) <= AMOUNT_OFF) return [];
    return [
      {
        code: 'amount-disagrees',
        step,
        text: `The step says ${line.understood}, which is ${formatMass(added_g)}; the note says ${note.trim()}, which is ${formatMass(noted_g)}. Which is it?`,
      },
    ];
  });

/** Salt in a drink that is not for rehydration: more than this tastes of a spoon where a pinch was meant, g/L. */
const PINCH_LINE_g_L = 2;
const SALTY_KINDS = new Set(['rehydration', 'dry-mix', 'syrup', 'concentrate', 'vinegar-honey']);

/** A spoon of salt where a pinch was meant. */
export const spoonForPinch: FindingRule = ({ drink, trace, liquid }) => {
  if (!liquid || SALTY_KINDS.has(drink.kind)) return [];
  return trace.entries.flatMap(({ step, line, added_g }): Finding[] => {
    if (!line || line.ingredient.formula !== 'NaCl' || line.amount.unit.tool !== 'spoon' || added_g === undefined)
      return [];
    const perLitre = (1000 * added_g) / liquid.volume_mL;
    if (perLitre <= PINCH_LINE_g_L) return [];
    return [
      {
        code: 'spoon-for-pinch',
        step,
        text: `${line.understood} is ${formatNumber(perLitre)} g of salt in a litre, as salty as soup. A pinch (0.35 g) was probably meant.`,
      },
    ];
  });
};

/** Share of a day that makes a mineral worth naming. */
const WORTH_NAMING = 0.05;
const MINERALS = [
  ['magnesium', 'magnesium_mg', DAILY_VALUES.magnesium_mg],
  ['calcium', 'calcium_mg', DAILY_VALUES.calcium_mg],
  ['potassium', 'potassium_mg', DAILY_VALUES.potassium_mg],
] as const;

/** A mineral that was put in on purpose and comes to next to nothing in a serving. */
export const tinyMineral: FindingRule = ({ drink, trace, perServing, serving }) => {
  // A rehydration drink is measured by the litre: a glass of it is not meant to fill a day.
  if (!serving || drink.kind === 'rehydration') return [];
  return MINERALS.flatMap(([name, figure, day]): Finding[] => {
    const amount = perServing[figure];
    const entry = trace.pot.entries.find(
      ({ ingredient }) => ingredient.role === 'salt' && ingredient.name.toLowerCase().includes(name),
    );
    if (!entry || amount >= WORTH_NAMING * day || trace.pot.entries.length < 2) return [];
    return [
      {
        code: 'minor-mineral-tiny',
        step: entry.step,
        text: `A serving has ${formatNumber(amount)} mg of ${name}, ${formatNumber((100 * amount) / day)} % of a day: much less than its place in the recipe suggests.`,
      },
    ];
  });
};

/** A part smaller than this share of a powder does not spread by itself. */
const SMALL_PART = 0.05;

const isPowder = ({ state, part }: Ingredient): boolean => state === 'soluble' || part === 'powder';

/** A little of something in a lot of powder; leaves among fruit are no powder. */
export const unevenMix: FindingRule = ({ trace }) => {
  const { pot } = trace;
  if (!pot.dry || pot.entries.length < 2) return [];
  const powder_g = pot.entries.reduce((sum, { ingredient, mass_g }) => sum + (isPowder(ingredient) ? mass_g : 0), 0);
  return pot.entries.flatMap(({ ingredient, mass_g, step }): Finding[] =>
    isPowder(ingredient) && mass_g < SMALL_PART * powder_g && mass_g > 0
      ? [
          {
            code: 'uneven-mix',
            step,
            text: `${formatMass(mass_g)} of ${ingredient.name.toLowerCase()} in ${formatMass(powder_g)} of powder lands in some scoops and not in others. Grind it fine, stir it into as much of the next powder, double that again and again, and shake the jar before each scoop.`,
          },
        ]
      : [],
  );
};
