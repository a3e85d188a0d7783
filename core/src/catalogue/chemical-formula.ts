import { rowOf } from '../lookup';
import { ATOMIC_WEIGHTS } from '../liquid';

/** Number of atoms of each element in one unit of a compound. */
export type ElementCounts = Readonly<Record<string, number>>;

const TOKEN = /([A-Z][a-z]?)(\d*)|\(|\)(\d*)/y;

function countPart(part: string, formula: string): Record<string, number> {
  const stack: Record<string, number>[] = [{}];
  TOKEN.lastIndex = 0;
  while (TOKEN.lastIndex < part.length) {
    const token = TOKEN.exec(part);
    if (!token) throw new RangeError(`countElements: '${formula}' is not a chemical formula`);
    if (token[0] === '(') stack.push({});
    else if (token[0].startsWith(')')) {
      const group = stack.pop() as Record<string, number>;
      const outer = stack[stack.length - 1];
      if (!outer) throw new RangeError(`countElements: '${formula}' closes a bracket it never opened`);
      for (const [element, count] of Object.entries(group))
        outer[element] = (outer[element] ?? 0) + count * Number(token[3] || 1);
    } else {
      const element = token[1] as string;
      if (rowOf(ATOMIC_WEIGHTS, element) === undefined)
        throw new RangeError(`countElements: no atomic weight for '${element}' in '${formula}'`);
      const top = stack[stack.length - 1] as Record<string, number>;
      top[element] = (top[element] ?? 0) + Number(token[2] || 1);
    }
  }
  if (stack.length !== 1) throw new RangeError(`countElements: '${formula}' leaves a bracket open`);
  return stack[0] as Record<string, number>;
}

/**
 * Atoms of a formula such as `Mg3(C6H5O7)2.9H2O`; parts joined by a point are added.
 *
 * @throws RangeError for anything that is not a formula of the elements in use
 */
export function countElements(formula: string): ElementCounts {
  const total: Record<string, number> = {};
  for (const part of formula.split('.')) {
    const [, times, rest] = /^(\d*)(.+)$/.exec(part) ?? [];
    if (!rest) throw new RangeError(`countElements: '${formula}' is not a chemical formula`);
    for (const [element, count] of Object.entries(countPart(rest, formula)))
      total[element] = (total[element] ?? 0) + count * Number(times || 1);
  }
  return total;
}

/** Molar mass of a formula, g/mol. Source: sum of IUPAC atomic weights. */
export function molarMass(formula: string): number {
  return Object.entries(countElements(formula)).reduce(
    (sum, [element, count]) => sum + count * (ATOMIC_WEIGHTS[element] as number),
    0,
  );
}

/** Molecules of crystal water in a formula: 2 in `Na3C6H5O7.2H2O`. */
export function crystalWater(formula: string): number {
  const hydrate = /\.(\d*)H2O$/.exec(formula);
  return hydrate ? Number(hydrate[1] || 1) : 0;
}
