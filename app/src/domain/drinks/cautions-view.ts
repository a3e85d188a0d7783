import { shelfWords } from '@wellhydra/core/quantity';
import type { Analysis } from '@wellhydra/core/analyse';
import type { Caution } from '@wellhydra/core/caution';
import { KEEPING_NOTE, type Keeping } from '@wellhydra/core/keeping';

/** Cautions apart by how they are shown: what must be read first, and what follows. */
export interface CautionsView<Said> {
  readonly stops: readonly Said[];
  readonly others: readonly Said[];
}

/** Cautions of a drink or of a bottle, apart by how they are shown. */
export function bySeverity<Said extends Pick<Caution, 'code' | 'severity'>>(
  cautions: readonly Said[],
): CautionsView<Said> {
  // A baby is never told apart from others before there are people: those warnings stand with the rest.
  const isStop = ({ severity, code }: Said) => severity === 'stop' && code !== 'honey-under-12-months';
  return { stops: cautions.filter(isStop), others: cautions.filter((caution) => !isStop(caution)) };
}

export const cautionsView = ({ cautions }: Analysis): CautionsView<Caution> => bySeverity(cautions);

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** How it is kept, by its place. */
const KEPT: Readonly<Record<Keeping['place'], string>> = {
  fridge: 'Closed and cold in the fridge',
  'cool room': 'Closed, in a cool dark room',
  cupboard: 'Closed and dry in the cupboard',
  freezer: 'Frozen, with room at the top',
};

/** How long it keeps, as a heading and a sentence. */
export function keepingView({ keeping }: Analysis): { readonly title: string; readonly text: string } | null {
  if (!keeping) return null;
  const opened = keeping.daysOpened < keeping.days ? `, ${shelfWords(keeping.daysOpened)} once opened` : '';
  const reason = keeping.heldBackBy.join('; ');
  if (keeping.days <= 0) return { title: 'Not to be kept', text: `${capital(reason)}. ${KEEPING_NOTE}` };
  return {
    title: `Keeps about ${shelfWords(keeping.days)}`,
    text: `${KEPT[keeping.place]}${opened}: ${reason}. ${KEEPING_NOTE}`,
  };
}
