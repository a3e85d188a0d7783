import { PASTEURISED_C, STOOD_WARM_h, spoilsWarm } from '../../keeping';
import { BOTTLE_LIMITS_bar, bottlePressure } from '../../process';
import { durationWords, formatNumber } from '../../quantity';
import { hottestOf } from '../../simulate';
import type { CautionContext, CautionRule } from '../caution';

/** Headspace of a bottle where a step names none, share of the liquid. */
const USUAL_HEADSPACE = 0.06;
const ROOM_C = 20;
/** Sugar and juice enough to ferment in a closed bottle, g/L. */
const FERMENTS_g_L = 20;

const bottled = ({ trace }: CautionContext) => trace.entries.find(({ filled }) => filled);
const keptWarm = ({ trace }: CautionContext): boolean =>
  trace.entries.some(({ place }) => place === 'cupboard' || place === 'cool room');
const processed = ({ trace }: CautionContext): boolean => trace.entries.some((entry) => entry.processed);

/** Pressure in the closed bottles, bar above the air; 0 where nothing is closed. */
function pressure(context: CautionContext): number {
  const { liquid, trace } = context;
  if (!liquid || !bottled(context)) return 0;
  const c = trace.pot.liquid;
  // Below pH 5 nearly all carbonate is gas.
  const gas_mmol = liquid.pH < 5 ? c.carbonic_mmol : 0;
  return bottlePressure({
    carbonDioxide_mmol: gas_mmol,
    liquid_mL: liquid.volume_mL,
    headspace_mL: USUAL_HEADSPACE * liquid.volume_mL,
    temperature_C: ROOM_C,
  });
}

function mayFerment(context: CautionContext): boolean {
  const { perLitre, keeping } = context;
  return (
    bottled(context) !== undefined &&
    keptWarm(context) &&
    !processed(context) &&
    context.contents.raw &&
    (perLitre?.carbohydrate_g ?? 0) > FERMENTS_g_L &&
    keeping !== null &&
    !['syrup_65', 'oxymel', 'vinegar_extract', 'alcohol_20', 'dry_powder'].includes(keeping.class)
  );
}

/** Rules about keeping it: jars, bottles, raw juice. */
export const KEEPING_RULES: readonly CautionRule[] = [
  {
    code: 'low-acid-sealed-jar',
    severity: 'stop',
    title: 'Never seal this for the cupboard',
    concerns: 'anyone who opens the jar later',
    fires: (context) =>
      context.keeping !== null &&
      context.keeping.lowAcid &&
      (processed(context) || (keptWarm(context) && bottled(context) !== undefined)),
    text: (context) =>
      `It is not surely acid enough (pH ${formatNumber(context.keeping?.pH ?? 7)}, and 4.6 is the line with all doubt counted). Without enough acid a closed jar can grow botulism with no smell or bubbles. Keep it in the fridge for a few days, or freeze it.`,
    source: 'US FDA 21 CFR 113/114; NCHFP',
  },
  {
    code: 'garlic-in-oil-or-honey',
    severity: (context) => (keptWarm(context) ? 'stop' : 'warn'),
    title: 'Garlic or fresh plants under oil or honey: only in the fridge',
    concerns: 'anyone who opens the jar later',
    fires: ({ contents }) => contents.plantsInOil || contents.garlicInHoney,
    text: ({ contents }) =>
      `Under ${contents.plantsInOil ? 'oil' : 'honey'} there is no air, and soil germs on garlic, fresh herbs, chillies and roots can make botulism toxin without any smell. Keep it in the fridge, ${contents.plantsInOil ? '4 days' : 'two weeks'} at most, never in a warm place; freeze what is left.`,
    source: 'US CDC; NCHFP (oil); precaution (honey)',
  },
  {
    code: 'sealed-ferment-pressure',
    severity: 'stop',
    title: 'Do not close this: it makes gas',
    concerns: 'anyone near the bottle',
    fires: (context) => pressure(context) > BOTTLE_LIMITS_bar.ordinary || mayFerment(context),
    text: (context) =>
      pressure(context) > BOTTLE_LIMITS_bar.ordinary
        ? `The gas in it would press with ${formatNumber(pressure(context))} bar, and an ordinary bottle or jar takes 1. Let it finish fizzing in an open jug, then bottle it.`
        : 'Raw juice with sugar ferments in a warm place, and the gas can burst a closed bottle. Keep it in the fridge, or open it daily.',
    source: "Henry's law; bottle ratings",
  },
  {
    code: 'stood-warm',
    severity: ({ warm_h }) => (warm_h > STOOD_WARM_h.warn ? 'warn' : 'note'),
    title: 'It stands warm for hours',
    concerns: 'anyone, above all the very young, the old and the ill',
    fires: ({ warm_h }) => warm_h > STOOD_WARM_h.note,
    text: ({ warm_h, keeping, trace }) => {
      const stood = `For ${durationWords(warm_h * 60)} it is between 57 and 5 °C, neither sour nor sweet enough to hold germs back.`;
      if (warm_h <= STOOD_WARM_h.warn)
        return `${stood} More than 4 h cost it a day. Let it stand in the fridge, or cool it in ice water.`;
      if (keeping && keeping.days > 0)
        return `${stood} It keeps a day less. Let it stand in the fridge, or boil it once more afterwards.`;
      return spoilsWarm(trace)
        ? `${stood} Milk, roots and vegetables are poured away then. Let it stand in the fridge.`
        : `${stood} Bring it back to the boil for a minute, or drink it now: it is not to be kept. In the fridge it may stand as long.`;
    },
    source: 'US FDA Food Code 2022, 3-501',
  },
  {
    code: 'raw-egg',
    severity: 'warn',
    title: 'Raw egg',
    concerns: 'children, people over 65, anyone pregnant or with a weak immune system',
    fires: ({ trace }) =>
      trace.pot.entries.some(
        (entry) => entry.ingredient.id === 'egg' && hottestOf(entry, trace.entries) < PASTEURISED_C,
      ),
    text: () =>
      `Raw egg can carry salmonella. Heat it to ${PASTEURISED_C} °C (160 °F), or use pasteurised egg; for them, leave it out.`,
    source: 'US FDA egg safety',
  },
  {
    code: 'raw-juice-vulnerable',
    severity: 'warn',
    title: 'Raw juice or fruit',
    concerns: 'children under 5, people over 65, anyone pregnant or with a weak immune system',
    fires: ({ contents }) => contents.raw,
    text: () =>
      `Raw juice and fruit can carry germs. For them, heat it to ${PASTEURISED_C} °C (160 °F) or above first. Wash fruit before it is cut.`,
    source: 'US FDA juice guidance',
  },
];
