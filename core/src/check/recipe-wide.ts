import { COUNT_WORDS } from '../quantity';
import { rowOf } from '../lookup';
import {
  BATCH_SIZE,
  FOR_ONE,
  INTO_JAR,
  JAR_IS,
  JAR_SIZE,
  LARGE_TABLESPOON,
  LARGE_TABLESPOON_UNIT,
  MAKE_SO_MANY,
  TABLESPOON,
  TO_HUNDRED,
} from '../read';

/** What a recipe says once and means of each of its lines. */
export interface WideRules {
  /** A line with what holds for all of them said in it. */
  readonly says: (line: string) => string;
}

const PERCENT = /^(.+?)[\s.:|]+(\d+(?:[.,]\d+)?) ?%$/;
/** So many lines in per cent make it a formula. */
const LEAST_PERCENTS = 3;
const AMOUNT_FIRST = /^[\d½⅓⅔¼¾⅛]/;

const numberOf = (text: string): number => Number(text.replace(',', '.'));

/** Grams of each line that is a part of the batch, by its text. */
function byPercent(lines: readonly string[], text: string): ReadonlyMap<string, string> {
  const found = new Map<string, string>();
  const batch = BATCH_SIZE.exec(text);
  if (!batch) return found;
  const total_g = numberOf(batch[1]!) * (batch[2]!.toLowerCase() === 'kg' ? 1000 : 1);
  let said = 0;
  for (const line of lines) {
    const [, name, percent] = PERCENT.exec(line.trim()) ?? [];
    if (name === undefined || TO_HUNDRED.test(line.trim())) continue;
    said += numberOf(percent!);
    found.set(line.trim(), `${Number(((numberOf(percent!) * total_g) / 100).toPrecision(6))} g ${name.trim()}`);
  }
  if (found.size < LEAST_PERCENTS || said > 100) return new Map();
  for (const line of lines) {
    const rest = TO_HUNDRED.exec(line.trim())?.[1];
    if (rest) found.set(line.trim(), `${Number((((100 - said) * total_g) / 100).toPrecision(6))} g ${rest.trim()}`);
  }
  return found;
}

/** How many are made of amounts that are told for one. */
function timesOf(text: string): number {
  if (!FOR_ONE.test(text)) return 1;
  const said = MAKE_SO_MANY.exec(text)?.[1];
  if (said === undefined) return 1;
  const count = rowOf(COUNT_WORDS, said.toLowerCase()) ?? Number(said);
  return count > 1 && count <= 1000 ? count : 1;
}

/** What holds for every line of a recipe: parts of a batch, so many times, a spoon of the country, the size of the jar. */
export function wideRules(lines: readonly string[]): WideRules {
  const text = lines.join('\n');
  const percents = byPercent(lines, text);
  const times = timesOf(text);
  const large = LARGE_TABLESPOON.test(text);
  const jar = JAR_SIZE.exec(text)?.[1];
  return {
    says: (line) => {
      let said = percents.get(line) ?? line;
      if (times > 1 && AMOUNT_FIRST.test(said)) said = `${times} × ${said}`;
      if (large) said = said.replace(TABLESPOON, LARGE_TABLESPOON_UNIT);
      if (jar && INTO_JAR.test(said) && !JAR_SIZE.test(said)) said = `${said}, ${JAR_IS} ${jar}`;
      return said;
    },
  };
}
