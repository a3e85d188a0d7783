import { NOWHERE, inSequence, type Placed, type Search } from './plan-search';
import { NO_POT, Occupancy, type Shape, type Shortage } from './slots';

/** What is wrong with a drink that stands where somebody has put it. */
export interface BrokenPin {
  readonly id: string;
  readonly because: string;
}

/** By shortage, given the names of the drinks it is needed for at the same time. */
const BECAUSE: Readonly<Record<Shortage, (others: string) => string>> = {
  sleep: () => 'somebody would have to be up at night',
  hands: (others) => `hands are needed for ${others} then`,
  burner: (others) => `no burner is free beside ${others}`,
  pot: (others) => `no pot that holds it is free beside ${others}`,
  fridge: (others) => `there is no room in the fridge beside ${others}`,
};

const names = new Intl.ListFormat('en-GB');

/** Whether two drinks need the same thing in one slot. */
function collide(need: Shortage, a: Shape, from: number, b: Shape, to: number): boolean {
  const needs = ({ hands, burner, fridge, slots, potFrom, potTo, coldUntil }: Shape, start: number, at: number) => {
    const slot = at - start;
    if (need === 'pot') return slot >= potFrom && slot < potTo;
    if (need === 'fridge') return fridge[slot] === 1 || (slot >= slots && at < coldUntil);
    return (need === 'hands' ? hands : burner)[slot] === 1;
  };
  const end = Math.max(from + a.slots, to + b.slots, a.coldUntil, b.coldUntil);
  for (let at = Math.max(from, to); at < end; at += 1) if (needs(a, from, at) && needs(b, to, at)) return true;
  return false;
}

/** What there is not enough of for a drink among the others, and the drinks that take it. */
function clash({ drinks, shapes, occupancy }: Search, { starts, pots }: Placed, index: number): string | null {
  const others = new Occupancy(occupancy.room, occupancy.slots);
  for (const [other, start] of starts.entries())
    if (other !== index && start !== NOWHERE) others.change(shapes[other]!, start, pots[other]!, 1);
  const shape = shapes[index]!;
  const start = starts[index]!;
  const short = others.shortOf(shape, start) ?? (others.potsFor(shape, start).length > 0 ? null : 'pot');
  if (short === null) return null;
  const same = drinks.filter(
    (_drink, other) =>
      other !== index &&
      (short !== 'pot' || pots[other] !== NO_POT) &&
      collide(short, shape, start, shapes[other]!, starts[other]!),
  );
  return BECAUSE[short](names.format(same.map(({ name }) => name)));
}

/**
 * What pins break, and what no plan can mend: too much at once and beside which drinks, somebody asleep, a
 * preparation that is not there yet.
 */
export function brokenPins(search: Search, placed: Placed): readonly BrokenPin[] {
  return search.drinks.flatMap(({ id, pinned_min }, index) => {
    if (search.nightly.has(id)) return [{ id, because: BECAUSE.sleep('') }];
    if (pinned_min === null) return [];
    if (!inSequence(search, index, placed.starts[index]!, placed.starts))
      return [{ id, because: 'something that goes into it is not made by then' }];
    const because = clash(search, placed, index);
    return because === null ? [] : [{ id, because }];
  });
}
