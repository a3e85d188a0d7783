import type { Analysis } from '../analyse';
import type { Ingredient } from '../catalogue';
import { VERB_TABLE, needsStove } from '../drink';
import type { KitchenSettings, OwnContainer, OwnPot } from '../kitchen';
import { formatVolume } from '../quantity';

/** What is got ready before a brew, and whether it does. */
export interface Gathered {
  readonly name: string;
  /** Why it does, or what is wrong with it. */
  readonly because: string;
  readonly fits: boolean;
}

export interface GatherList {
  readonly vessels: readonly Gathered[];
  /** Fresh plants, to be washed. */
  readonly wash: readonly string[];
  /** What leaves marks on cloth and wood. */
  readonly stains: readonly string[];
}

/** Colours that do not wash out of cloth. Source: kitchen practice. */
const STAINING =
  /^(?:elderberries|blackcurrant|blackberries|blueberries|bilberries|aronia|hibiscus|turmeric|beetroot|pomegranate|sour-cherries|tart-cherry|cranberries|cranberry-juice|red-wine|grapes|grape-juice|blood-orange)/;
const PLANTS = new Set<string>(['fruit', 'vegetable', 'herb', 'spice']);

/** A pot is full at this share of what it holds: it must not boil over. */
export const POT_FULL = 0.85;
/** Glass that is not made for it cracks above this, °C. Source: kitchen practice. */
export const HOT_C = 60;
/** A container is the kitchen's own when its size is this near, as a share. */
const SAME_SIZE = 0.02;

type Entry = Analysis['trace']['entries'][number];

function potLine(analysis: Analysis, { pots, usualPot }: KitchenSettings): readonly Gathered[] {
  const hot = analysis.trace.entries.filter(({ verb }) => needsStove(verb));
  if (hot.length === 0) return [];
  const most_mL = Math.max(
    ...analysis.trace.entries
      .filter(({ step }) => step <= hot.at(-1)!.step)
      .map(({ pot, volume_mL }) => (volume_mL ?? 0) + pot.pieces_g),
  );
  const named = [...new Set(hot.flatMap(({ step }) => analysis.drink.steps[step]?.pot ?? []))];
  const fits = ({ holds_mL }: OwnPot) => most_mL <= POT_FULL * holds_mL;
  const usual = pots.find(({ name }) => name === usualPot);
  const chosen =
    named.length > 0
      ? pots.filter(({ name }) => named.includes(name))
      : [usual && fits(usual) ? usual : [...pots].sort((a, b) => a.holds_mL - b.holds_mL).find(fits)].flatMap(
          (pot) => pot ?? [],
        );
  if (chosen.length === 0)
    return [
      {
        name: named[0] ?? 'A larger pot',
        because: `${formatVolume(most_mL)} goes into it. None of your pots holds that without boiling over: make it in two parts.`,
        fits: false,
      },
    ];
  return chosen.map((pot) => ({
    name: pot.name,
    because: fits(pot)
      ? `holds ${formatVolume(pot.holds_mL)}; ${formatVolume(most_mL)} at the most goes in`
      : `${formatVolume(most_mL)} is too much for ${formatVolume(pot.holds_mL)}: it will boil over. Take a larger one, or make it in two parts.`,
    fits: fits(pot),
  }));
}

function containerLine(entry: Entry, containers: readonly OwnContainer[], hottest_C: number): Gathered | null {
  const { filled } = entry;
  if (!filled) return null;
  const own = containers.filter(({ size_mL }) => Math.abs(size_mL / filled.size_mL - 1) <= SAME_SIZE);
  const name = `${filled.count} × ${formatVolume(filled.size_mL)} ${filled.words}`;
  const owned = own.reduce((sum, { count }) => sum + count, 0);
  if (hottest_C > HOT_C && filled.glass && !own.some(({ heatSafe }) => heatSafe))
    return {
      name,
      because: `it goes in at ${Math.round(hottest_C)} °C, and no such glass of yours is marked heat-safe: warm the glass first, or let it cool below ${HOT_C} °C.`,
      fits: false,
    };
  if (own.length > 0 && owned < filled.count)
    return {
      name,
      because: `you have ${owned} of this size. Free one, or use another size for the rest.`,
      fits: false,
    };
  const dark = own.some((each) => each.dark) ? 'dark glass is there for it' : '';
  return { name, because: dark || (own.length > 0 ? 'clean and dry' : 'clean, dry, and with a lid'), fits: true };
}

function strainerLines(analysis: Analysis, strainers: readonly string[]): readonly Gathered[] {
  const used = new Set(
    analysis.trace.entries.flatMap(
      ({ strainer }) => strainers.concat('mesh', 'cloth').find((each) => strainer?.includes(each)) ?? [],
    ),
  );
  return [...used].map((name) => ({
    name: name === 'cloth' ? 'straining cloth and a large bowl' : `${name} strainer and a bowl`,
    because: strainers.includes(name) ? 'rinsed' : 'not among the strainers of your kitchen',
    fits: strainers.includes(name),
  }));
}

function blenderLine({ trace }: Analysis, { blenderJug_mL }: KitchenSettings): readonly Gathered[] {
  const blends = trace.entries.filter(({ verb }) => VERB_TABLE[verb].tool === 'blender');
  if (blends.length === 0) return [];
  const most_mL = Math.max(...blends.map(({ pot, volume_mL }) => (volume_mL ?? 0) + pot.pieces_g));
  const loads = Math.max(1, Math.ceil(most_mL / blenderJug_mL));
  return [
    {
      name: 'blender',
      because: loads === 1 ? 'one load' : `${loads} loads of about ${formatVolume(most_mL / loads)}`,
      fits: true,
    },
  ];
}

const named = (ingredients: readonly Ingredient[]): readonly string[] => [
  ...new Set(ingredients.map(({ name }) => name)),
];

/**
 * What to have ready before a brew begins: pots that hold it, strainers, jars that stand the heat, blender loads,
 * what is washed and what stains.
 *
 * @param analysis of the brew
 * @param settings of the kitchen
 */
export function gatherList(analysis: Analysis, settings: KitchenSettings): GatherList {
  const ingredients = analysis.trace.pot.entries.map(({ ingredient }) => ingredient);
  let at_C = 20;
  const containers = analysis.trace.entries.flatMap((entry) => {
    at_C = entry.temperature_C;
    return containerLine(entry, settings.containers, at_C) ?? [];
  });
  return {
    vessels: [
      ...potLine(analysis, settings),
      ...blenderLine(analysis, settings),
      ...strainerLines(analysis, settings.strainers),
      ...containers,
    ],
    wash: named(
      ingredients.filter(({ dried, role, state }) => dried === false && state === 'solid' && PLANTS.has(role)),
    ),
    stains: named(ingredients.filter(({ id }) => STAINING.test(id))),
  };
}
