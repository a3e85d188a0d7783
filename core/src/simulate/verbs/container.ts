import {
  formatNumber,
  readAmount,
  isUnreadable,
  unreadable,
  type Unreadable,
  scanUnit,
  scanNumber,
} from '../../quantity';
import type { FilledContainer } from '../step-run';

/** Volume of a centimetre of headspace in an ordinary jar of 8 cm, mL. */
const HEADSPACE_mL_per_cm = 50;

function readHeadspace(written: string, size_mL: number): number | Unreadable {
  const text = written.trim().toLowerCase();
  const number = scanNumber(text, 0);
  if (number && text.slice(number.end).trim() === '%') return (size_mL * number.low) / 100;
  const amount = readAmount(text);
  if (isUnreadable(amount)) return amount;
  if (amount.unit.dimension === 'volume') return amount.value * amount.unit.size;
  if (amount.unit.dimension === 'length') return amount.value * amount.unit.size * HEADSPACE_mL_per_cm;
  return unreadable(
    'unit-mismatch',
    written,
    'Headspace is a height, a volume or a share, such as 1 cm, 30 mL or 10 %.',
  );
}

/**
 * Reads what is filled: "2 x 750 mL glass bottle", "1 L jar".
 *
 * @param headspace qualifier of the step, where it has one
 */
export function readContainer(written: string, headspace: string | undefined): FilledContainer | Unreadable {
  const text = written.trim().toLowerCase();
  const [, counted, rest] = /^(?:(\d+) ?[x×] ?)?(.+)$/.exec(text) ?? [];
  const number = rest ? scanNumber(rest, 0) : undefined;
  const at = number && rest ? number.end + (rest[number.end] === ' ' ? 1 : 0) : 0;
  const unit = number && rest ? scanUnit(rest, at) : undefined;
  const count = counted === undefined ? 1 : Number(counted);
  if (!number || !rest || unit?.unit.dimension !== 'volume' || !(number.low > 0) || count < 1 || count > 1000)
    return unreadable('no-amount', written, 'Write how many and how large, such as "2 x 750 mL glass bottle".', [
      '2 x 750 mL glass bottle',
      '1 L jar',
    ]);
  const size_mL = number.low * unit.unit.size;
  const words = rest.slice(unit.end).trim();
  const headspace_mL = headspace === undefined ? null : readHeadspace(headspace, size_mL);
  if (headspace_mL !== null && typeof headspace_mL !== 'number') return headspace_mL;
  return { count, size_mL, words: words || 'bottle', glass: !/plastic|steel|tin|carton/.test(words), headspace_mL };
}

/** How many more containers of a kind a volume takes, in words. */
export function bottleLike(volume_mL: number, like: FilledContainer): string {
  const count = Math.ceil(volume_mL / like.size_mL);
  return `${count} x ${formatNumber(like.size_mL)} mL`;
}
