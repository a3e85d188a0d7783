import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { alternativesOf } from '@wellhydra/core/alternative';
import { analyseDrink, type Analysis } from '@wellhydra/core/analyse';
import {
  VERBS,
  VERB_TABLE,
  documentDrink,
  drinkDocumentOf,
  readDrink,
  type DrinkDocument,
} from '@wellhydra/core/drink';
import { cautionsView, keepingView } from '../src/domain/drinks/cautions-view';
import { figuresView } from '../src/features/drink/figures/figures-view';
import { originView } from '../src/features/drink/figures/origin-view';
import { composerView, stepsView, wholeView } from '../src/features/drink/step/steps-view';
import { substitutesView } from '../src/features/drink/step/substitutes-view';
import { momentsView } from '../src/features/drink/stream/moment-view';
import { STUMBLES } from './stumbles';
import { steps } from './trial-drinks';

const EXAMPLES = join(__dirname, '../../examples');
const files = [EXAMPLES, join(EXAMPLES, 'jobs')].flatMap((folder) =>
  readdirSync(folder)
    .filter((name) => name.endsWith('.json'))
    .map((name) => join(folder, name)),
);

/** Drinks that go wrong in as many ways as they can. */
const ODD: readonly DrinkDocument[] = [
  steps('200 mL water', '300 g salt', 'a glug of wotter', '1 pinch of cayenne', 'simmer 4 h', 'strain through a sock'),
  steps('100 g raw elderberries', '1 L water', 'steep 3 days at room temperature', 'bottle in 250 mL bottle'),
  steps(
    '1 L water',
    '500 g honey',
    '40 g comfrey',
    'boil 2 min',
    'bottle in 1 x 250 mL dark bottle',
    'store in a sunny window',
  ),
  steps('5 kg white sugar', '100 mL water', 'reduce to 50 mL', 'cool to -20 °C', 'freeze in 12 cubes'),
  steps(
    '2 tbsp apple cider vinegar',
    '1 knob of ginger',
    'peel of 2 oranges',
    '2 cups boiling water',
    'infuse 28 days',
  ),
];

const LINES = [
  '1 peel of orange peel',
  'half a handful of rose hips, or dried ones',
  '2 to 3 tablespoons of honey or maple syrup to taste',
  'a good glug of something nice',
  'juice of half a lemon, a quarter if large',
  '1 (14 oz) tin of coconut milk',
  'simmer until it is about half of what it was, but do not let it boil',
  '3 sachets',
  'water to the brim',
];

const runs = (): readonly { readonly document: DrinkDocument; readonly analysis: Analysis }[] => {
  let ids = 0;
  const read = files.flatMap((file) => {
    const answer = readDrink(JSON.parse(readFileSync(file, 'utf8')));
    return answer.kind === 'drink' ? [drinkDocumentOf(answer.drink, () => `s${(ids += 1)}`)] : [];
  });
  return [...read, ...ODD].map((document) => ({ document, analysis: analyseDrink(documentDrink(document)) }));
};

const BASES = ['serving', 'spoon', 'glass', 'litre', 'batch'] as const;

/** Everything that the sheet says of a drink. */
function saidOf({ document, analysis }: ReturnType<typeof runs>[number]): readonly string[] {
  const { stops, others } = cautionsView(analysis);
  const keeping = keepingView(analysis);
  const figures = BASES.flatMap((basis) => figuresView(analysis, basis, {}).map((figure) => ({ basis, figure })));
  const ways = document.steps.flatMap((_, at) => alternativesOf(documentDrink(document), at) ?? []);
  const added = analysis.trace.entries.flatMap(({ line, added_g }) =>
    line && added_g ? [{ ingredient: line.ingredient, grams: added_g }] : [],
  );
  return [
    ...[...stops, ...others].flatMap(({ title, text, concerns }) => [title, text, `For ${concerns}.`]),
    ...(keeping ? [keeping.title, keeping.text] : []),
    ...wholeView(analysis),
    ...stepsView(document, analysis).flatMap(({ title, details, after, notes, problem }) => [
      title,
      details,
      after,
      ...notes,
      problem?.message ?? '',
    ]),
    ...figures.flatMap(({ basis, figure }) => [figure.label, figure.spoken, originView(analysis, basis, figure).how]),
    ...momentsView(analysis).flatMap(({ facts, leaves }) => [facts, leaves]),
    ...ways.flatMap(({ question, ways: each }) => [question, ...each.map(({ why }) => why)]),
    ...added.flatMap((of) =>
      substitutesView(of, { scale_g: 1 }).map(
        ({ text, kept }) => `${text} instead of ${of.ingredient.name.toLowerCase()}, ${kept}`,
      ),
    ),
  ];
}

const composed = (): readonly string[] =>
  LINES.flatMap((line) => {
    const view = composerView(line);
    return view.kind === 'understood' ? [view.text, view.details] : view.kind === 'problem' ? [view.message] : [];
  });
const guides = (): readonly string[] =>
  VERBS.flatMap((verb) => Object.values(VERB_TABLE[verb].guide).filter((each) => typeof each === 'string'));

const SAID: readonly string[] = [...new Set([...runs().flatMap(saidOf), ...composed(), ...guides()])].filter(Boolean);
/** One of those that differ in their figures alone. */
const kinds = new Map(SAID.map((each) => [each.replace(/[\d.,]+/g, '#'), each]));
const LONGEST = [...kinds.values()].sort((a, b) => b.length - a.length).slice(0, 60);

test('there is much to read', () => {
  expect(SAID.length).toBeGreaterThan(600);
  expect(LONGEST.at(-1)!.length).toBeGreaterThan(100);
});

test.each(STUMBLES)('nothing that the sheet says has %s', (_what, pattern) => {
  expect(SAID.filter((each) => pattern.test(each))).toEqual([]);
});

test('particles are never a bare number: blood or what is aimed at stands beside them', () => {
  for (const { analysis } of runs())
    for (const basis of BASES)
      for (const { id, equal } of figuresView(analysis, basis, {}))
        if (id.startsWith('liquid.osmol')) expect(equal).toMatch(/^(?:blood|aim) \d/);
});

/** Whoever stands at a stove reads so many words at once. */
const MOST_WORDS = 42;

test('the sixty longest are sentences that can be read at a stove', () => {
  const tooLong = LONGEST.flatMap((each) => each.split(/(?<=[.!?:;])\s|, | · /)).filter(
    (sentence) => sentence.split(/\s+/).length > MOST_WORDS,
  );
  expect(tooLong).toEqual([]);
});
