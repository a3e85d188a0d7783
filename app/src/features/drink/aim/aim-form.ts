import { personAt, type Person } from '@wellhydra/core/household';
import { dailyLines } from '@wellhydra/core/people';
import {
  bandsOf,
  figuresOf,
  isLimitKey,
  type AimFigure,
  type Instrument,
  type PersonLimit,
  type Remedy,
} from '@wellhydra/core/aim';
import type { Analysis } from '@wellhydra/core/analyse';
import type { DrinkKind } from '@wellhydra/core/drink';
import type { KitchenSettings } from '@wellhydra/core/kitchen';
import { formatVolume, readAmount } from '@wellhydra/core/quantity';
import { TARGETS, targetByCode, targetFor } from '@wellhydra/core/target';
import type { AimQuestion, LockedDose } from './answer-aim';

/** What is typed and chosen on the sheet. */
export interface AimForm {
  /** Code of a target, or empty for one of the maker's own. */
  readonly target: string;
  readonly volume: string;
  /** Figures as they are typed; empty ones are not aimed at. */
  readonly figures: Readonly<Partial<Record<AimFigure, string>>>;
  readonly available: readonly string[];
  readonly locked: readonly LockedDose[];
  readonly instrument: Instrument;
  /** What the drink is, and a serving of it, mL: their lines hold. */
  readonly kind: DrinkKind;
  readonly serving_mL: number | null;
  /** What the lines of those it is made for allow in a serving. */
  readonly limits: readonly PersonLimit[];
}

/** What most kitchens have of what targets ask for. */
const USUAL = ['table-salt', 'glucose', 'white-sugar', 'potassium-chloride', 'trisodium-citrate'] as const;
const ADDS_UP = new Set(['salt', 'sweetener', 'acid', 'juice']);

const typedFigures = (code: string): AimForm['figures'] => {
  const target = targetByCode(code);
  return target
    ? Object.fromEntries(Object.entries(figuresOf(target)).map(([figure, value]) => [figure, String(value)]))
    : {};
};

/** What the sheet begins with: the drink's own target, what is in it, and the kitchen's scale. */
export function aimForm(analysis: Analysis, { scale_g }: KitchenSettings): AimForm {
  const target = (targetFor(analysis.drink) ?? TARGETS[0]!).code;
  const inIt = analysis.trace.pot.entries
    .filter(({ ingredient }) => ADDS_UP.has(ingredient.role))
    .map(({ ingredient }) => ingredient.id);
  return {
    target,
    volume: '1 L',
    figures: typedFigures(target),
    available: [...new Set([...inIt, ...USUAL])],
    locked: [],
    limits: [],
    kind: analysis.drink.kind,
    serving_mL: analysis.serving?.volume_mL ?? null,
    instrument: scale_g === null ? 'spoon set' : scale_g === 1 ? '1 g scale' : '0.1 g scale',
  };
}

/** Another target; a maker's own begins with the figures that were there. */
export const withTarget = (form: AimForm, target: string): AimForm =>
  target === '' ? { ...form, target } : { ...form, target, figures: typedFigures(target) };

/** Made for these people: no serving brings any of them over a line of the day. */
export function withPeople(form: AimForm, people: readonly { readonly person: Person }[], now: Date): AimForm {
  const limits = people.flatMap(({ person }) =>
    dailyLines(personAt(person, now)).flatMap(({ key, most }): PersonLimit[] =>
      isLimitKey(key) && Number.isFinite(most) ? [{ person: person.name, key, most }] : [],
    ),
  );
  return { ...form, limits };
}

/** The form after a remedy: the measure and the batch that would do. */
export const withRemedy = (form: AimForm, { instrument, volume_mL }: Remedy): AimForm => ({
  ...form,
  instrument,
  volume: formatVolume(volume_mL),
});

/** The question behind a form, or what is wrong with it. */
export function aimQuestion(form: AimForm): AimQuestion | string {
  const volume = readAmount(form.volume);
  if ('kind' in volume) return volume.message;
  if (volume.unit.dimension !== 'volume') return 'Write a volume, such as 1 L.';
  const figures: Partial<Record<AimFigure, number>> = {};
  for (const [figure, text] of Object.entries(form.figures) as [AimFigure, string][]) {
    if (text.trim() === '') continue;
    const value = Number(text.replace(',', '.'));
    if (!(value >= 0)) return `"${text}" is no number. Write how much is wanted in a litre, or leave it empty.`;
    figures[figure] = value;
  }
  if (Object.keys(figures).length === 0) return 'Write at least one figure to aim at.';
  if (form.available.length === 0) return 'Say what there is to make it with.';
  const target = targetByCode(form.target);
  return {
    volume_mL: volume.value * volume.unit.size,
    figures,
    kinds: [...new Set([form.kind, ...(target?.kinds.slice(0, 1) ?? [])])],
    ...(form.serving_mL === null ? {} : { serving_mL: form.serving_mL }),
    ...(target ? { bands: bandsOf(target) } : {}),
    ...(form.limits.length > 0 ? { limits: form.limits } : {}),
    available: form.available,
    locked: form.locked,
    instrument: form.instrument,
  };
}
