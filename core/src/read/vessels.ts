import { findIngredient } from '../catalogue';
import { baseValue, isUnreadable, readAmount } from '../quantity';
import { ENOUGH, ENOUGH_FOR, OF_THE, USUAL_VESSEL_ML, VESSEL_SIZES, VESSELS } from './en/vessels';
import { asked, type Asked } from './frames';
import { nameIn } from './names';
import { plainNumber } from './plain-number';
import { numberToken, wordToken, type Token } from './tokens';

/** So many mL, as tokens. */
const millilitres = (value: number): readonly Token[] => [numberToken(Number(plainNumber(value))), wordToken('ml')];

/** The size of a vessel that is said before its name, mL: "the 500 mL jar". */
function sizeAt(tokens: readonly Token[], at: number): number | undefined {
  const [size, unit] = [tokens[at], tokens[at + 1]];
  if (size?.kind !== 'number' || unit?.kind !== 'word') return undefined;
  const amount = readAmount(`${size.text} ${unit.text}`);
  return isUnreadable(amount) || amount.unit.dimension !== 'volume' ? undefined : baseValue(amount);
}

/** "A third of the 1 L jar" is 333 mL, "a third of the jar" a third of a jar. */
function partOfVessel(tokens: readonly Token[]): readonly Token[] {
  const at = tokens.findIndex(({ kind, low }) => kind === 'number' && low > 0 && low < 1);
  if (at < 0) return tokens;
  let next = at + 1;
  while (OF_THE.has(tokens[next]?.text ?? '')) next += 1;
  const size = sizeAt(tokens, next);
  const vessel = size === undefined ? next : next + 2;
  if (!VESSELS.has(tokens[vessel]?.text ?? '')) return tokens;
  const part = tokens[at]!.low;
  const amount = size === undefined ? [tokens[at]!, tokens[vessel]!] : millilitres(part * size);
  return [...tokens.slice(0, at), ...amount, ...tokens.slice(vessel + 1)];
}

/** A line with vessels in it as the amounts they come to, and what must be asked of their size. */
export interface InVessels {
  readonly tokens: readonly Token[];
  readonly ask: Asked | null;
}

const oneOf = (vessels: string): string => vessels.replace(/(?<=s)es$|(?<!s)s$/, '');

/** "Enough water for three 500 mL bottles" is water to 1500 mL. */
function enoughFor(tokens: readonly Token[]): InVessels | undefined {
  const enough = tokens.findIndex(({ text }) => text === ENOUGH);
  const at = tokens.findIndex(({ text }, index) => index > enough && text === ENOUGH_FOR);
  if (enough < 0 || at < 0) return undefined;
  const count = tokens[at + 1];
  const sizeBefore = sizeAt(tokens, at + 2);
  const vesselAt = sizeBefore === undefined ? at + 2 : at + 4;
  const vessel = tokens[vesselAt];
  const usual = Object.hasOwn(USUAL_VESSEL_ML, vessel?.text ?? '') ? USUAL_VESSEL_ML[vessel!.text] : undefined;
  if (count?.kind !== 'number' || usual === undefined) return undefined;
  // "3 bottles of 500 mL": the size may stand behind.
  const behind = OF_THE.has(tokens[vesselAt + 1]?.text ?? '') ? vesselAt + 2 : vesselAt + 1;
  const sizeBehind = sizeBefore === undefined ? sizeAt(tokens, behind) : undefined;
  const size = sizeBefore ?? sizeBehind;
  const rest = sizeBehind === undefined ? vesselAt + 1 : behind + 2;
  const before = tokens
    .slice(0, at)
    .filter(({ text }, index) => text !== ENOUGH && !(text === ',' && index === enough - 1));
  const words = before.filter(({ kind }) => kind === 'word').map(({ text }) => text);
  const name = nameIn(words);
  // Only what pours is filled up to a mark.
  if (!name || findIngredient(name.name)?.state !== 'liquid') return undefined;
  const filled = [wordToken('to'), ...millilitres(count.low * (size ?? usual))];
  return {
    tokens: [...before, ...filled, ...tokens.slice(rest)],
    ask: size === undefined ? asked(`How many mL does a ${oneOf(vessel!.text)} hold?`, VESSEL_SIZES) : null,
  };
}

/** Reads what is told by vessels: a part of a jar, enough for so many bottles. */
export const inVessels = (tokens: readonly Token[]): InVessels =>
  enoughFor(tokens) ?? { tokens: partOfVessel(tokens), ask: null };
