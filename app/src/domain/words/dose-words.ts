import { US_SPOONS, bulkDensityFor, roundToSpoons, type IngredientLine } from '@wellhydra/core/quantity';
import { showMass } from './units';

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
  const mass = line.dose.kind !== 'mass' || !isWeighed ? showMass(added_g) : undefined;
  const spread = line.dose.kind === 'mass' ? spreadWords(line.dose.cv) : undefined;
  return [mass && `${mass}${spread ? ` ${spread}` : ''}`, spoonWords(line, added_g), !mass ? spread : undefined]
    .concat(line.byOwn ? `your own ${line.byOwn.name}` : undefined)
    .filter(Boolean)
    .join(' · ');
}

/** The catalogue's name for it, where the written one is another. */
export function nameBeside({ ingredient }: IngredientLine, written: string): string | undefined {
  const text = written.toLowerCase();
  return ingredient.name
    .toLowerCase()
    .split(/[ ,]+/)
    .every((word) => text.includes(word))
    ? undefined
    : ingredient.name;
}
