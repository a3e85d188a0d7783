import { findIngredient, INGREDIENT_NAMES } from '../catalogue';
import { nearestNames, readAmount, readIngredientLine, isUnreadable } from '../quantity';
import { DRINK_KINDS, isObject, show, type DrinkKind, type DrinkProblem, type Json } from '../drink';
import { TARGETS, targetByCode, type Target } from '../target';
import { AIM_FIGURES, bandsOf, figuresOf, isAimFigure, type AimFigure } from './aim-figures';
import type { Aim } from './aim-at';
import { INSTRUMENTS, type Instrument } from './measurable-levels';

export const AIM_FORMAT = 'wellhydra-aim/1';

/** Something wrong in an aim file: where, what, and what to do. */
export type AimProblem = DrinkProblem;
export type ReadAim =
  | { readonly kind: 'aim'; readonly aim: Aim }
  | { readonly kind: 'not-an-aim'; readonly problems: readonly AimProblem[] };

const FIELDS = new Set([
  'format',
  'volume',
  'target',
  'targetName',
  'available',
  'fixed',
  'instrument',
  'name',
  'kind',
  'serving',
]);

function readVolume(value: unknown, problems: AimProblem[], at: 'volume' | 'serving' = 'volume'): number {
  const amount = typeof value === 'string' ? readAmount(value) : undefined;
  if (!amount || isUnreadable(amount) || amount.unit.dimension !== 'volume') {
    const why = amount && isUnreadable(amount) ? amount.message : 'Write a volume, such as "1 L".';
    problems.push({ at, text: show(value), message: why });
    return NaN;
  }
  return amount.value * amount.unit.size;
}

/** A target by its code or its name. */
function targetNamed(json: Json): Target | undefined {
  const name = String(json.targetName).toLowerCase();
  return targetByCode(name) ?? TARGETS.find((each) => each.name.toLowerCase() === name);
}

/** What it is to be: the kind that is named, and what its target is for. */
function readKinds(json: Json, problems: AimProblem[]): readonly DrinkKind[] {
  const target = json.targetName === undefined ? undefined : targetNamed(json);
  const kinds: readonly string[] = DRINK_KINDS;
  if (json.kind !== undefined && !kinds.includes(String(json.kind)))
    problems.push({
      at: 'kind',
      text: show(json.kind),
      message: `A kind is ${DRINK_KINDS.join(', ')}.`,
    });
  return [...(json.kind === undefined ? [] : [json.kind as DrinkKind]), ...(target ? target.kinds.slice(0, 1) : [])];
}

function readFigures(json: Json, problems: AimProblem[]): Aim['figures'] {
  if (json.targetName !== undefined) {
    const target = targetNamed(json);
    if (target) return figuresOf(target);
    problems.push({
      at: 'targetName',
      text: show(json.targetName),
      message: `There is no such target. There are ${TARGETS.map(({ code }) => code).join(', ')}.`,
    });
    return {};
  }
  const figures: Partial<Record<AimFigure, number>> = {};
  if (!isObject(json.target) || Object.keys(json.target).length === 0) {
    problems.push({
      at: 'target',
      text: show(json.target),
      message: 'Name figures, such as { "sodium_mmol_L": 75 }, or give targetName.',
    });
    return figures;
  }
  for (const [key, value] of Object.entries(json.target)) {
    const at = `target.${key}`;
    if (!isAimFigure(key))
      problems.push({
        at,
        text: key,
        message: `"${key}" cannot be aimed at. Nearest: ${nearestNames(key, Object.keys(AIM_FIGURES), 3).join(', ') || Object.keys(AIM_FIGURES).join(', ')}.`,
      });
    else if (typeof value !== 'number' || !(value >= 0) || !Number.isFinite(value))
      problems.push({ at, text: show(value), message: 'A figure is a number, 0 or more.' });
    else figures[key] = value;
  }
  return figures;
}

function readAvailable(value: unknown, problems: AimProblem[]): Aim['available'] {
  if (!Array.isArray(value) || value.length === 0) {
    problems.push({
      at: 'available',
      text: show(value),
      message: 'Name what there is, such as ["table salt", "glucose"].',
    });
    return [];
  }
  return value.flatMap((name, index) => {
    const found = typeof name === 'string' ? findIngredient(name) : undefined;
    if (found) return [found];
    const near = nearestNames(String(name).toLowerCase(), INGREDIENT_NAMES.keys(), 3);
    problems.push({
      at: `available[${index}]`,
      text: show(name),
      message: `This is not in the catalogue.${near.length > 0 ? ` Nearest: ${near.join(', ')}.` : ''}`,
    });
    return [];
  });
}

function readFixed(value: unknown, problems: AimProblem[]): Aim['fixed'] {
  if (value === undefined) return [];
  if (!Array.isArray(value)) {
    problems.push({
      at: 'fixed',
      text: show(value),
      message: 'fixed is a list of lines, such as ["2.6 g table salt"].',
    });
    return [];
  }
  return value.flatMap((written, index) => {
    const line = readIngredientLine(String(written));
    if (line.kind === 'read' && line.dose.kind === 'mass')
      return [{ ingredient: line.ingredient, mass_g: line.dose.mass_g }];
    const message = line.kind === 'unreadable' ? line.message : 'A fixed dose is an amount, not a mark to fill to.';
    problems.push({ at: `fixed[${index}]`, text: show(written), message });
    return [];
  });
}

/**
 * Reads an aim file that has been parsed from JSON.
 *
 * @param json anything
 * @returns the aim, or every problem found with its place in the file
 */
export function readAim(json: unknown): ReadAim {
  if (!isObject(json))
    return { kind: 'not-an-aim', problems: [{ at: '', text: show(json), message: 'An aim file is a JSON object.' }] };
  const problems: AimProblem[] = [];
  if (json.format !== undefined && json.format !== AIM_FORMAT)
    problems.push({ at: 'format', text: show(json.format), message: `format is "${AIM_FORMAT}".` });
  for (const field of Object.keys(json))
    if (!FIELDS.has(field)) problems.push({ at: field, text: field, message: `"${field}" is not a field of an aim.` });
  const instrument = (json.instrument ?? INSTRUMENTS[0]) as Instrument;
  if (!INSTRUMENTS.includes(instrument))
    problems.push({
      at: 'instrument',
      text: show(json.instrument),
      message: `An instrument is ${INSTRUMENTS.join(', ')}.`,
    });
  const target = json.targetName === undefined ? undefined : targetNamed(json);
  const aim: Aim = {
    kinds: readKinds(json, problems),
    ...(json.serving === undefined ? {} : { serving_mL: readVolume(json.serving, problems, 'serving') }),
    ...(target ? { bands: bandsOf(target) } : {}),
    volume_mL: readVolume(json.volume, problems),
    figures: readFigures(json, problems),
    available: [...new Set(readAvailable(json.available, problems))],
    fixed: readFixed(json.fixed, problems),
    instrument,
  };
  return problems.length > 0 ? { kind: 'not-an-aim', problems } : { kind: 'aim', aim };
}
