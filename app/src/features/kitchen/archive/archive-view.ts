import type { ArchiveMode, ArchiveOutcome } from '@wellhydra/contract';

type Change = ArchiveOutcome['changes'][number];

/** What each kind of row is called, one and several. */
const KINDS: Readonly<Record<Change['is'], readonly [string, string]>> = {
  drink: ['drink', 'drinks'],
  'drink-version': ['version of a drink', 'versions of drinks'],
  brew: ['brew', 'brews'],
  lot: ['lot in the stores', 'lots in the stores'],
  'lot-change': ['use of a lot', 'uses of lots'],
  'brew-event': ['note made while making', 'notes made while making'],
  bottle: ['bottle', 'bottles'],
  pour: ['glass', 'glasses'],
  'bottle-change': ['change of a bottle', 'changes of bottles'],
  tasting: ['tasting', 'tastings'],
  photo: ['photo', 'photos'],
};
const DOCUMENTS: Readonly<Record<ArchiveOutcome['documents'][number], string>> = {
  settings: 'pots, stove, places and measures',
  plan: 'the plan',
  people: 'people and what is said of them',
  shopping: 'the shopping list',
};

/** What an archive would do, in three heaps: what comes, what becomes another, what goes. */
export interface ArchiveView {
  readonly heaps: readonly { readonly title: string; readonly lines: readonly string[]; readonly grave: boolean }[];
  /** Nothing is another afterwards. */
  readonly nothing: boolean;
  /** What stays as it is, in one line; empty where nothing does. */
  readonly stays: string;
}

const counted = (changes: readonly Change[], what: 'added' | 'changed' | 'removed' | 'same'): readonly string[] =>
  changes.flatMap(({ is, [what]: count }) => (count > 0 ? [`${count} ${KINDS[is][count === 1 ? 0 : 1]}`] : []));

/** So many drinks are told by name; of more it is said how many. */
const NAMED = 8;
function named(names: readonly string[]): string {
  const told = names.slice(0, NAMED).map((each) => each || 'Unnamed drink');
  return names.length > NAMED ? `${told.join(', ')} and ${names.length - NAMED} more` : told.join(', ');
}

/** What bringing in an archive comes to, for whoever decides about it. */
export function archiveView({ changes, drinks, documents }: ArchiveOutcome, mode: ArchiveMode): ArchiveView {
  const others = documents.map((each) => DOCUMENTS[each]);
  const heap = (title: string, told: keyof typeof drinks, more: readonly string[], grave: boolean) => ({
    title,
    lines: [named(drinks[told]), [...counted(changes, told), ...more].join(', ')].filter(Boolean),
    grave,
  });
  const heaps = [
    heap('Comes in', 'added', [], false),
    heap(mode === 'merge' ? 'Gets more' : 'Becomes another', 'changed', others, mode === 'replace'),
    heap('Goes', 'removed', [], true),
  ].filter(({ lines }) => lines.length > 0);
  const same = counted(changes, 'same');
  return { heaps, nothing: heaps.length === 0, stays: same.length > 0 ? `Stays as it is: ${same.join(', ')}.` : '' };
}
