import type { Analysis } from '../analyse';
import { formatMass, formatNumber } from '../quantity';

/** Something that does not grow as the batch does. */
export interface ResizeHint {
  readonly code: 'steam' | 'pieces' | 'spices' | 'pot' | 'loads' | 'time' | 'strainer';
  readonly text: string;
}

/** Shares of steam that differ by less are not worth a word. */
const STEAM_DIFFERS = 0.02;
/** Strong spices are held back from this factor on. Source: kitchen practice. */
const SPICES_FROM = 2;
const STRAINER_BELOW = 0.5;
const MORE_TIME_min = 5;

const steamShare = ({ trace }: Analysis): number => {
  const water = trace.pot.liquid.water_g + trace.losses.steam_g;
  return water > 0 ? trace.losses.steam_g / water : 0;
};

function pieceHints(after: Analysis): readonly ResizeHint[] {
  return after.trace.entries.flatMap(({ line, added_g }) => {
    if (!line || line.amount.unit.dimension !== 'piece' || added_g === undefined) return [];
    const { value } = line.amount;
    if (Math.abs(value - Math.round(value)) < 0.05) return [];
    return [
      {
        code: 'pieces' as const,
        text: `${line.understood}: nobody cuts that. Weigh ${formatMass(added_g)}, or take ${Math.max(1, Math.round(value))} and taste.`,
      },
    ];
  });
}

/**
 * What does not grow with a batch: steam, pieces, spices, the pot, the blender's loads, times.
 *
 * @param before the drink as it was
 * @param after the drink resized
 * @param factor between the two
 */
export function resizeHints(before: Analysis, after: Analysis, factor: number): readonly ResizeHint[] {
  const hints: ResizeHint[] = [];
  const [was, is] = [steamShare(before), steamShare(after)];
  if (Math.abs(was - is) > STEAM_DIFFERS)
    hints.push({
      code: 'steam',
      text: `Steam does not grow with the batch: ${formatNumber(100 * was, 2)} % of the water left before, ${formatNumber(100 * is, 2)} % now. The amounts allow for it.`,
    });
  hints.push(...pieceHints(after));
  const spices = new Set(
    after.trace.pot.entries
      .filter(({ ingredient }) => ingredient.role === 'spice')
      .map(({ ingredient }) => ingredient.name.toLowerCase()),
  );
  if (factor >= SPICES_FROM && spices.size > 0)
    hints.push({
      code: 'spices',
      text: `Strong spices seem stronger in a large batch: begin with three quarters of ${[...spices].join(', ')}, and taste.`,
    });
  const had = new Set(before.findings.map(({ code }) => code));
  for (const { code, text } of after.findings)
    if (code === 'vessel-overfull' && !had.has(code)) hints.push({ code: 'pot', text });
  const loads = after.trace.entries.flatMap(({ notes = [] }) => notes.filter(({ code }) => /load/.test(code)));
  for (const { text } of loads) hints.push({ code: 'loads', text });
  const longer = after.trace.total_min - before.trace.total_min;
  if (Math.abs(longer) > MORE_TIME_min)
    hints.push({
      code: 'time',
      text: `Heating and cooling take ${formatNumber(Math.abs(Math.round(longer)))} min ${longer > 0 ? 'more' : 'less'} in all; times you set stay as they are.`,
    });
  if (factor < STRAINER_BELOW && after.trace.losses.strained_g > 0)
    hints.push({
      code: 'strainer',
      text: 'A small batch loses a larger share: some 10 mL stay in the strainer and on the spoon whatever its size.',
    });
  return hints;
}
