import { BOTTLE_LIMITS_bar, bottlePressure } from '../../process';
import { formatNumber } from '../../quantity';
import type { CautionContext, CautionRule } from '../caution';

/** Heat that makes raw juice safe, °C. Source: US FDA juice guidance (71 °C). */
const PASTEURISED_C = 71;
/** Raw plants that carry germs into a drink that is not heated. */
const RAW_ROLES = new Set(['juice', 'fruit', 'vegetable']);
/** Headspace of a bottle where a step names none, share of the liquid. */
const USUAL_HEADSPACE = 0.06;
const ROOM_C = 20;
/** Sugar and juice enough to ferment in a closed bottle, g/L. */
const FERMENTS_g_L = 20;

const bottled = ({ trace }: CautionContext) => trace.entries.find(({ filled }) => filled);
const keptWarm = ({ trace }: CautionContext): boolean =>
  trace.entries.some(({ place }) => place === 'cupboard' || place === 'cool room');
const processed = ({ trace }: CautionContext): boolean => trace.entries.some((entry) => entry.processed);

const heatedAfter = (context: CautionContext, step: number): boolean =>
  context.trace.entries.some((entry) => entry.step >= step && entry.hottest_C >= PASTEURISED_C);

/** Juice or fruit that never got hot. */
function isRaw(context: CautionContext): boolean {
  return context.trace.pot.entries.some(
    ({ ingredient, step, within }) =>
      within === undefined &&
      RAW_ROLES.has(ingredient.role) &&
      ingredient.id !== 'coconut-water' &&
      (ingredient.composition?.water_g ?? 0) > 0.5 &&
      !heatedAfter(context, step),
  );
}

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
    isRaw(context) &&
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
      `It is not surely acid enough (pH ${formatNumber(context.liquid?.pH ?? 7)}, and 4.6 is the line with all doubt counted). Without enough acid a closed jar can grow botulism with no smell or bubbles. Keep it in the fridge for a few days, or freeze it.`,
    source: 'US FDA 21 CFR 113/114; NCHFP',
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
    code: 'raw-juice-vulnerable',
    severity: 'warn',
    title: 'Raw juice or fruit',
    concerns: 'children under 5, people over 65, anyone pregnant or with a weak immune system',
    fires: isRaw,
    text: () =>
      `Raw juice and fruit can carry germs. For them, heat it to ${PASTEURISED_C} °C (160 °F) or above first. Wash fruit before it is cut.`,
    source: 'US FDA juice guidance',
  },
];
