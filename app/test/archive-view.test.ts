import type { ArchiveOutcome } from '@wellhydra/contract';
import { archiveView } from '../src/features/kitchen/archive/archive-view';

const counts = { added: 0, changed: 0, removed: 0, same: 0 };
const outcome = (by: Partial<ArchiveOutcome> = {}): ArchiveOutcome => ({
  changes: [],
  drinks: { added: [], changed: [], removed: [] },
  documents: [],
  ...by,
});

describe('what an archive would do', () => {
  test('is said in heaps: what comes, what becomes another, what goes', () => {
    const view = archiveView(
      outcome({
        changes: [
          { is: 'drink', ...counts, added: 1, removed: 2, same: 3 },
          { is: 'pour', ...counts, changed: 1 },
        ],
        drinks: { added: ['Harbour tonic'], changed: [], removed: ['', 'Own brine'] },
        documents: ['people'],
      }),
      'replace',
    );
    expect(view).toEqual({
      heaps: [
        { title: 'Comes in', lines: ['Harbour tonic', '1 drink'], grave: false },
        { title: 'Becomes another', lines: ['1 glass, people and what is said of them'], grave: true },
        { title: 'Goes', lines: ['Unnamed drink, Own brine', '2 drinks'], grave: true },
      ],
      nothing: false,
      stays: 'Stays as it is: 3 drinks.',
    });
  });
  test('nothing where all of it is here already', () => {
    const view = archiveView(outcome({ changes: [{ is: 'brew', ...counts, same: 4 }] }), 'merge');
    expect(view).toEqual({ heaps: [], nothing: true, stays: 'Stays as it is: 4 brews.' });
  });
  test('of many drinks some are named', () => {
    const added = Array.from({ length: 11 }, (_, n) => `Drink ${n + 1}`);
    const [heap] = archiveView(outcome({ drinks: { added, changed: [], removed: [] } }), 'merge').heaps;
    expect(heap!.lines[0]).toMatch(/^Drink 1, .*Drink 8 and 3 more$/);
  });
});
