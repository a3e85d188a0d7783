import type { PersonNow } from './person';

/** Signs that mean: get help now. Source: WHO, The treatment of diarrhoea. */
export const DANGER_SIGNS = [
  { code: 'sleepy', words: 'Too sleepy, or hard to wake' },
  { code: 'cannot-drink', words: 'Cannot drink, or keeps vomiting' },
  { code: 'blood', words: 'Blood in the stool' },
  { code: 'sunken-eyes', words: 'Sunken eyes' },
  { code: 'skin-stays', words: 'Skin stays up when pinched' },
  { code: 'no-urine', words: 'No urine for 8 hours' },
  { code: 'fever', words: 'Fever over 39 °C' },
] as const;
export type DangerSign = (typeof DANGER_SIGNS)[number]['code'];

export type SheetEntry =
  | { readonly kind: 'stool' | 'vomit' | 'urine'; readonly at: string }
  | { readonly kind: 'drunk'; readonly at: string; readonly volume_mL: number };

/** What is kept of somebody who is ill: entries by id, so that two edits at once are merged. */
export interface RehydrationSheet {
  readonly personId: string;
  readonly begins: string;
  readonly entries: Readonly<Record<string, SheetEntry>>;
  readonly signs: Readonly<Partial<Record<DangerSign, true>>>;
  readonly ended: string | null;
}

/** What is given after each loose stool, mL. Source: WHO Plan A. */
export interface AfterStool {
  readonly least_mL: number;
  /** Infinite where it is as much as wanted. */
  readonly most_mL: number;
}

const HOUR_ms = 3_600_000;
const NO_URINE_h = 8;
const NO_BETTER_h = 24;

/** After each loose stool: 50 to 100 mL under two years, 100 to 200 up to ten, as much as wanted from then on. */
export function afterStool({ age }: Pick<PersonNow, 'age'>): AfterStool {
  if (age.months < 24) return { least_mL: 50, most_mL: 100 };
  if (age.months < 120) return { least_mL: 100, most_mL: 200 };
  return { least_mL: 200, most_mL: Infinity };
}

export interface SheetStanding {
  readonly stools: number;
  readonly vomits: number;
  readonly drunk_mL: number;
  /** What was to be drunk by now, for the stools there were. */
  readonly wanted_mL: AfterStool;
  /** Hours since urine was last noted, or since the sheet was begun. */
  readonly sinceUrine_h: number;
  /** Why to get help now; none while nothing says so. */
  readonly help: readonly string[];
}

/**
 * How an illness stands by its sheet, and whether help is to be got now. No diagnosis: it counts, and says what the
 * signs of the guidance mean.
 */
export function sheetStanding(sheet: RehydrationSheet, person: PersonNow, now: Date): SheetStanding {
  const entries = Object.values(sheet.entries).filter(({ at }) => Date.parse(at) <= now.getTime());
  const count = (kind: SheetEntry['kind']) => entries.filter((entry) => entry.kind === kind).length;
  const stools = count('stool');
  const each = afterStool(person);
  const lastUrine_ms = Math.max(
    Date.parse(sheet.begins),
    ...entries.filter(({ kind }) => kind === 'urine').map(({ at }) => Date.parse(at)),
  );
  const sinceUrine_h = (now.getTime() - lastUrine_ms) / HOUR_ms;
  const begun_h = (now.getTime() - Date.parse(sheet.begins)) / HOUR_ms;
  const lately = entries.some(({ kind, at }) => kind === 'stool' && now.getTime() - Date.parse(at) < 6 * HOUR_ms);
  const help = DANGER_SIGNS.filter(({ code }) => sheet.signs[code]).map(({ words }) => words);
  return {
    stools,
    vomits: count('vomit'),
    drunk_mL: entries.reduce((sum, entry) => sum + (entry.kind === 'drunk' ? entry.volume_mL : 0), 0),
    wanted_mL: { least_mL: stools * each.least_mL, most_mL: stools === 0 ? 0 : stools * each.most_mL },
    sinceUrine_h,
    help: [
      ...help,
      ...(person.age.months < 6 ? ['A baby under 6 months'] : []),
      ...(sinceUrine_h >= NO_URINE_h && !sheet.signs['no-urine'] ? ['No urine was noted for 8 hours'] : []),
      ...(begun_h >= NO_BETTER_h && lately ? ['No better after a day'] : []),
    ],
  };
}

/**
 * A sheet with one more entry. Of a full one the two oldest sips become one, so that what was drunk still adds up.
 *
 * @param most entries that are kept
 */
export function withEntry(sheet: RehydrationSheet, id: string, entry: SheetEntry, most: number): RehydrationSheet {
  const entries = { ...sheet.entries, [id]: entry };
  const sips = Object.entries(entries)
    .flatMap(([key, each]) => (each.kind === 'drunk' && key !== id ? [{ key, each }] : []))
    .sort((a, b) => a.each.at.localeCompare(b.each.at));
  const [first, second] = sips;
  if (Object.keys(entries).length <= most || !first || !second) return { ...sheet, entries };
  const { [first.key]: _gone, ...rest } = entries;
  const volume_mL = first.each.volume_mL + second.each.volume_mL;
  return { ...sheet, entries: { ...rest, [second.key]: { ...second.each, volume_mL } } };
}
