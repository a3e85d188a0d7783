import type { BottleRecord } from '@wellhydra/contract';
import { drinkers } from '../bottles/pour/pour-view';
import { measure, nextPour_mL } from '../bottles/bottles-view';
import { standingView, type StandingView } from '../bottles/shelf/shelf-groups';
import type { Had } from '../../domain/people/drunk';
import type { PersonRow } from '../../domain/people/use-people';

/** A bottle as whoever drinks of it sees it. */
export interface ForMeView {
  readonly bottle: BottleRecord;
  readonly standing: StandingView;
  /** What there is to know before, in a few words: "Potassium: not with kidney disease". */
  readonly aside: string;
  readonly grave: boolean;
}

/**
 * What stands on the shelf for somebody: what may be had without asking first, and of that what is to be used up first.
 *
 * @param who which of the people they are; null while nobody has said
 * @param had what they had this week; null while that is not known
 */
export function bottlesForMe(
  bottles: readonly BottleRecord[],
  { who, had, now }: { readonly who: PersonRow | null; readonly had: readonly Had[] | null; readonly now: Date },
): readonly ForMeView[] {
  return bottles
    .map((bottle): ForMeView => {
      const glass = {
        kind: 'pour',
        volume_mL: nextPour_mL(bottle),
        additions: [],
        brought: null,
        added: null,
      } as const;
      const [view] = who ? drinkers(bottle, glass, { people: [who], had, now }) : [];
      return {
        bottle,
        standing: standingView(bottle, now),
        aside: view?.aside ?? '',
        grave: view?.grave ?? false,
      };
    })
    .sort((a, b) => Number(a.grave) - Number(b.grave) || a.bottle.useBy.localeCompare(b.bottle.useBy));
}

/** "Rose-hip syrup, 15 mL". */
export const glassWords = ({ pour, brew }: Had): string => `${brew.drinkName}, ${measure(brew, pour.volume_mL)}`;
