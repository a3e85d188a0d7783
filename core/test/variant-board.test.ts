import { meanScore, mergeBoards, variantDocument, type DrinkDocument, type VariantBoard } from '../src/drink';

const score = (id: string, points: number) => ({ id, by: 'Wilf', points, blind: true, note: '' });
const BOARD: VariantBoard = {
  slots: [
    { id: 'sweet', name: 'sweetener', stepId: 's2', choices: ['40 g honey', '35 g white sugar'] },
    { id: 'herb', name: 'herb', stepId: 's3', choices: ['', '6 mint leaves'] },
  ],
  variants: [
    { id: 'a', name: 'A', picks: {}, scores: [score('1', 3), score('2', 4)] },
    { id: 'b', name: 'B', picks: { sweet: 1, herb: 1 }, scores: [] },
  ],
};
const DOCUMENT: DrinkDocument = {
  name: 'Deck bottle',
  kind: 'sport',
  serving: '500 mL',
  target: null,
  steps: ['1 L water', '10 g honey', '2 mint leaves'].map((text, index) => ({
    id: `s${index + 1}`,
    verb: 'add',
    text,
  })),
  variants: BOARD,
};

test('slots are filled as the variant picks; an empty choice leaves the step out', () => {
  const [a, b] = BOARD.variants.map((variant) =>
    variantDocument(DOCUMENT, BOARD, variant).steps.map(({ text }) => text),
  );
  expect(a).toEqual(['1 L water', '40 g honey']);
  expect(b).toEqual(['1 L water', '35 g white sugar', '6 mint leaves']);
});
test('a pick that is no choice takes the first', () =>
  expect(variantDocument(DOCUMENT, BOARD, { id: 'c', name: 'C', picks: { sweet: 9 }, scores: [] }).steps[1]!.text).toBe(
    '40 g honey',
  ));
test('the mean of the scores, none before the first', () => expect(BOARD.variants.map(meanScore)).toEqual([3.5, null]));

describe('two people at one board', () => {
  const [a, b] = BOARD.variants as [VariantBoard['variants'][0], VariantBoard['variants'][0]];
  test('scores of both are kept', () => {
    const with_ = (id: string): VariantBoard => ({ ...BOARD, variants: [a, { ...b, scores: [score(id, 5)] }] });
    expect(mergeBoards(BOARD, with_('mine'), with_('theirs')).variants[1]!.scores.map(({ id }) => id)).toEqual([
      'mine',
      'theirs',
    ]);
  });
  test('what one took away goes, what the other added comes', () => {
    const mine = { ...BOARD, variants: [a] };
    const theirs = { ...BOARD, variants: [a, b, { ...b, id: 'c' }] };
    expect(mergeBoards(BOARD, mine, theirs).variants.map(({ id }) => id)).toEqual(['a', 'c']);
  });
  test('nothing changed is nothing changed', () => expect(mergeBoards(BOARD, BOARD, BOARD)).toEqual(BOARD));
});
