import { formatNumber } from '../../quantity';
import type { CautionContext, CautionRule } from '../caution';
import { addedHere, cookedMinutes, doneTo, everything, has, strainersAfter } from '../in-the-drink';

/** Least simmer of elderberries, min. Source: cyanogenic-glycoside literature; CDC outbreak report 1984. */
const ELDER_COOKING_min = 20;
/** Simmer after which rowan berries no longer upset, min. Source: parasorbic-acid literature. */
const ROWAN_COOKING_min = 10;
const ELDER = ['elderberries-dried', 'elderberries-fresh'] as const;
const HIPS = ['rose-hips-fresh', 'rose-hips-dried'] as const;
/** Hips that have their seeds and hairs: shells that are bought seedless have none. */
const unshelled = (context: CautionContext): boolean =>
  everything(context).some(
    ({ ingredient, within, step }) =>
      within === undefined &&
      HIPS.some((id) => id === ingredient.id) &&
      !/\b(?:seedless|deseeded|shells)\b/i.test(
        `${context.drink.steps[step]?.text ?? ''} ${context.drink.steps[step]?.note ?? ''}`,
      ),
  );
const STONE_FRUIT = [
  'sour-cherries',
  'sweet-cherries',
  'plum',
  'apricot',
  'peach',
  'apple',
  'apple-peel',
  'sloes',
] as const;
/** Plants that people pick, and that have doubles. */
const FORAGED = [
  'elderberries-fresh',
  'elderflower-fresh',
  'rose-hips-fresh',
  'nettle-fresh',
  'dandelion-leaf-fresh',
  'sea-buckthorn',
  'sloes',
  'haws-fresh',
  'rowan-berries',
  'chickweed-fresh',
  'cleavers-fresh',
  'spruce-tips',
  'pine-tips',
] as const;
const BREAKING = ['blend', 'mill', 'mash'] as const;

const isFilter = (strainer: string): boolean => /paper|filter/.test(strainer);
const isClose = (strainer: string): boolean => /fine|cloth|muslin/.test(strainer);

/** Hairs are held back by paper or a filter, or by a close cloth or sieve twice. */
const holdsHairs = (strainers: readonly string[]): boolean =>
  strainers.some(isFilter) || strainers.filter(isClose).length > 1;

/** Rules about plants: how they must be handled, and which are not drunk at all. */
export const PLANT_RULES: readonly CautionRule[] = [
  {
    code: 'elder-needs-cooking',
    severity: 'stop',
    title: 'Elderberries are not cooked enough',
    concerns: 'anyone who drinks it',
    fires: (context) => addedHere(context, ...ELDER) && cookedMinutes(context, ...ELDER) < ELDER_COOKING_min,
    text: (context) => {
      const minutes = cookedMinutes(context, ...ELDER);
      const done =
        minutes > 0 ? `They are simmered for ${formatNumber(minutes)} min here.` : 'They are not simmered here.';
      return `${done} Raw or half-cooked elderberries can make you sick: keep them at a steady simmer for at least ${ELDER_COOKING_min} minutes, lid ajar, and strain the seeds out.`;
    },
    source: 'US CDC outbreak report (MMWR 1984); cyanogenic-glycoside literature',
  },
  {
    code: 'elder-parts',
    severity: 'warn',
    title: 'Only ripe elderberries, no green parts',
    concerns: 'anyone who picks or strips them',
    fires: (context) => addedHere(context, 'elderberries-fresh', 'elderflower-fresh'),
    text: () =>
      'Stems, leaves, bark, unripe berries and crushed seeds of elder can make you sick. Strip berries off every stem, cut flowers from thick stalks, and do not crush the seeds.',
    source: 'US CDC; poison-plant references',
  },
  {
    code: 'rowan-needs-cooking',
    severity: 'warn',
    title: 'Rowan berries are not cooked enough',
    concerns: 'anyone who drinks it, children above all',
    fires: (context) =>
      addedHere(context, 'rowan-berries') && cookedMinutes(context, 'rowan-berries') < ROWAN_COOKING_min,
    text: () =>
      `Raw rowan berries upset the stomach. Freeze them, then simmer them for at least ${ROWAN_COOKING_min} minutes.`,
    source: 'Parasorbic-acid literature; poison-centre advice',
  },
  {
    code: 'aloe-latex',
    severity: 'warn',
    title: 'Only the clear inside of aloe',
    concerns: 'anyone who drinks it; not in pregnancy, nor with kidney or gut trouble',
    fires: (context) => addedHere(context, 'aloe-gel'),
    text: () =>
      'The yellow juice under the skin is a strong laxative and can do harm. Use only aloe sold as food: cut the skin away thickly, rinse the clear gel, and take little of it.',
    source: 'EFSA 2018 on hydroxyanthracene derivatives',
  },
  {
    code: 'oxalate-stones',
    severity: 'note',
    title: 'Oxalic acid',
    concerns: 'people with kidney stones or kidney disease',
    fires: (context) => has(context, 'sorrel-fresh', 'rhubarb'),
    text: () =>
      'Sorrel and rhubarb hold much oxalic acid, which goes into kidney stones. Keep it to a little; never use rhubarb leaves.',
    source: 'Kidney-stone dietary guidance',
  },
  {
    code: 'hip-hairs',
    severity: 'warn',
    title: 'Hairs in rose hips',
    concerns: 'anyone who drinks it',
    fires: (context) => unshelled(context) && !holdsHairs(strainersAfter(context, ...HIPS)),
    text: () =>
      'Rose hips contain fine hairs that irritate mouth and gut, and one cloth does not hold them back. Strain through paper or a fine filter, or twice through a close cloth, and do not wring it; or use seedless shells.',
    source: 'Pharmacognosy texts',
  },
  {
    code: 'seeds-pits',
    severity: 'warn',
    title: 'Pits and seeds out first',
    concerns: 'anyone who drinks it',
    fires: (context) => addedHere(context, ...STONE_FRUIT) && doneTo(context, BREAKING, ...STONE_FRUIT),
    text: () =>
      'Take out pits, kernels and apple cores before blending or milling: broken kernels release cyanide. Whole pits in the pot do no harm.',
    source: 'EFSA 2016',
  },
  {
    code: 'unknown-plant',
    severity: 'warn',
    title: 'Only plants you know for certain',
    concerns: 'anyone who picks wild plants',
    fires: (context) => addedHere(context, ...FORAGED),
    text: () =>
      'Wild plants have dangerous doubles: elder and dwarf elder or pokeweed, cow parsley and hemlock, wild garlic and lily of the valley, spruce and yew. Use only what someone who knows has named; if in doubt, leave it out.',
    source: 'Poison-centre advice',
  },
  {
    code: 'not-to-swallow',
    severity: 'stop',
    title: 'Not to be drunk',
    concerns: 'anyone',
    fires: (context) => has(context, 'comfrey-leaf-dried', 'pennyroyal-dried'),
    text: () => 'Comfrey and pennyroyal can damage the liver when they are swallowed. Do not drink this.',
    source: 'US FDA 2001; EFSA',
  },
  {
    code: 'seeds-swell',
    severity: 'note',
    title: 'Soak the seeds first',
    concerns: 'anyone with trouble swallowing',
    fires: (context) => addedHere(context, 'chia-seed', 'psyllium-husk', 'basil-seed', 'flax-seed'),
    text: () => 'Dry seeds and husks swell and can block the throat. Soak them fully, and drink plenty with them.',
    source: 'US FDA label rule for psyllium',
  },
];
