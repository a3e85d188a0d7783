import { afterStool, personAt, sheetStanding, type Person, type RehydrationSheet } from '@wellhydra/core/household';
import { durationWords } from '@wellhydra/core/quantity';
import { showVolume } from '../../../domain/words/units';
import type { Had } from '../../../domain/people/drunk';

export interface SheetView {
  /** Why to get help now; none while nothing says so. */
  readonly help: readonly string[];
  readonly says: readonly string[];
  readonly entries: readonly { readonly id: string; readonly words: string; readonly clock: string }[];
}

const WORDS = { stool: 'Loose stool', vomit: 'Vomited', urine: 'Passed urine' } as const;
const clock = new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' });

/** Amounts as the guidance says them: "100 to 200 mL", "at least 200 mL, as much as wanted". */
const amountWords = (least_mL: number, most_mL: number): string =>
  Number.isFinite(most_mL) ? `${least_mL} to ${most_mL} mL` : `${least_mL} mL and more, as much as is wanted`;

/** How a sheet stands, in words; what was poured for them since it was begun counts as drunk. */
export function sheetView(sheet: RehydrationSheet, person: Person, had: readonly Had[], now: Date): SheetView {
  const at = personAt(person, now);
  const standing = sheetStanding(sheet, at, now);
  const each = afterStool(at);
  const poured_mL = had
    .filter(
      ({ pour, brew }) => pour.personId === sheet.personId && pour.pouredAt >= sheet.begins && brew.kind !== 'dry-mix',
    )
    .reduce((sum, { pour }) => sum + pour.volume_mL, 0);
  const drunk_mL = standing.drunk_mL + poured_mL;
  const { stools, vomits, wanted_mL, sinceUrine_h } = standing;
  const short = wanted_mL.least_mL - drunk_mL;
  return {
    help: standing.help,
    says: [
      `After each loose stool: ${amountWords(each.least_mL, each.most_mL)}, in small sips.`,
      stools === 0
        ? `No loose stool noted; ${showVolume(drunk_mL)} drunk.`
        : `${stools} loose ${stools === 1 ? 'stool' : 'stools'}: ${amountWords(wanted_mL.least_mL, wanted_mL.most_mL)} in all; ${showVolume(drunk_mL)} drunk${short > 0 ? `, ${showVolume(short)} to go` : ''}.`,
      `${vomits === 0 ? '' : `Vomited ${vomits === 1 ? 'once' : `${vomits} times`}: wait ten minutes, then a spoon every few minutes. `}No urine noted for ${durationWords(60 * sinceUrine_h)}.`,
    ],
    entries: Object.entries(sheet.entries)
      .sort(([, a], [, b]) => b.at.localeCompare(a.at))
      .map(([id, entry]) => ({
        id,
        words: entry.kind === 'drunk' ? `Drank ${showVolume(entry.volume_mL)}` : WORDS[entry.kind],
        clock: clock.format(new Date(entry.at)),
      })),
  };
}
