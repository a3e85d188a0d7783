import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { analyseDrink } from '../src/analyse';
import { readDrink, type Drink } from '../src/drink';
import { markdownText } from '../src/formats/markdown-text';
import { analysisCsv, analysisMarkdown, importRecipe, recipeOf, sentenceStep, stepSentence } from '../src/formats';
import { randomDrink } from './random-drinks';
import fc from './seeded';

const FOLDER = join(__dirname, '../../examples/jobs');
const examples = readdirSync(FOLDER).map((name) => {
  const read = readDrink(JSON.parse(readFileSync(join(FOLDER, name), 'utf8')));
  if (read.kind !== 'drink') throw new Error(name);
  return [name, read.drink] as const;
});
/** What a schema.org Recipe has no place for. */
const inRecipe = ({ preparations: _p, atServing: _a, target: _t, ...drink }: Drink): Drink => drink;

test.each(examples)('%s goes out as a Recipe and comes back', (_name, drink) => {
  const recipe = JSON.parse(JSON.stringify(recipeOf(analyseDrink(drink))));
  expect(recipe['@type']).toBe('Recipe');
  expect(importRecipe(recipe)).toEqual({ kind: 'drink', drink: inRecipe(drink), leftOver: [] });
});

test('any step with a text survives being a sentence', () => {
  fc.assert(
    fc.property(randomDrink, ({ steps }) => {
      for (const step of steps) {
        const said = stepSentence(step);
        const back = sentenceStep(said);
        expect(back?.verb).toBe(step.verb);
        if (step.verb === 'add') expect(back).toEqual(step);
      }
    }),
    { numRuns: 100 },
  );
});

describe('a recipe from somewhere else', () => {
  const recipe = {
    '@context': 'https://schema.org',
    '@graph': [
      { '@type': 'WebPage', name: 'A page' },
      {
        '@type': ['Recipe'],
        name: 'Elderberry syrup',
        recipeYield: 'about two jars',
        recipeIngredient: ['100 g dried elderberries', '1 L water', '300 g honey'],
        recipeInstructions: [
          {
            '@type': 'HowToSection',
            itemListElement: [{ '@type': 'HowToStep', text: 'Simmer for 40 minutes. Keep an eye on it.' }],
          },
          { '@type': 'HowToStep', text: 'Strain through a cloth.' },
        ],
      },
    ],
  };
  const imported = importRecipe(recipe);
  if (imported.kind !== 'drink') throw new Error('no drink');
  test('its ingredients come first, then what is understood of the method', () =>
    expect(imported.drink).toEqual({
      name: 'Elderberry syrup',
      kind: 'syrup',
      steps: [
        { verb: 'add', text: '100 g dried elderberries' },
        { verb: 'add', text: '1 L water' },
        { verb: 'add', text: '300 g honey' },
        { verb: 'simmer', text: '40 minutes', note: 'Keep an eye on it.' },
        { verb: 'strain', text: 'through a cloth' },
      ],
    }));
  test('what became no step is said, and kept as a note', () =>
    expect(imported.leftOver).toEqual(['Keep an eye on it.']));
  test('and it runs', () => expect(analyseDrink(imported.drink).problems).toEqual([]));
});

test.each([[{}], [[]], [{ '@type': 'Recipe' }], [{ '@type': 'Recipe', name: 'Empty' }], ['text'], [null]])(
  '%j is no recipe',
  (json) => expect(importRecipe(json).kind).toBe('no-recipe'),
);

test('CSV quotes what has to be quoted, and has every figure of a serving', () => {
  const analysis = analyseDrink({
    name: 'Salt, "sugar" and water',
    kind: 'rehydration',
    steps: [
      { verb: 'add', text: '1 L water' },
      { verb: 'add', text: '2 g table salt' },
    ],
  });
  const lines = analysisCsv(analysis).split('\r\n');
  expect(lines[0]).toBe('group,figure,value');
  expect(lines).toContain('drink,name,"Salt, ""sugar"" and water"');
  for (const [name, value] of Object.entries(analysis.perServing))
    expect(lines).toContain(`perServing,${name},${value}`);
  expect(lines.every((line) => line === '' || line.split(/,(?=(?:[^"]*"[^"]*")*[^"]*$)/).length === 3)).toBe(true);
});

test.each(examples)('%s as Markdown says its steps, cautions and keeping', (_name, drink) => {
  const analysis = analyseDrink(drink);
  const page = analysisMarkdown(analysis);
  expect(page.startsWith(`# ${markdownText(drink.name)}\n`)).toBe(true);
  for (const { title } of analysis.cautions) expect(page).toContain(markdownText(title));
  expect(page.match(/^\d+\. /gm)).toHaveLength(drink.steps.length);
  expect(page).toContain('Kitchen rule, not a laboratory test');
});

describe('what somebody has written is text in Markdown', () => {
  test.each([
    ['[free salt](javascript:alert(1))', '\\[free salt\\](javascript:alert(1))'],
    ['<script>alert(1)</script>', '\\<script\\>alert(1)\\</script\\>'],
    ['a\n\n# Own heading', 'a # Own heading'],
    ['# Heading', '\\# Heading'],
    ['- item', '\\- item'],
    ['1. item', '1\\. item'],
    ['2-3 lemons, 1.5 g salt', '2-3 lemons, 1.5 g salt'],
    ['sea_salt | *fine*', 'sea\\_salt \\| \\*fine\\*'],
    ['&lt;b&gt;', '\\&lt;b\\&gt;'],
  ])('%s', (written, expected) => expect(markdownText(written)).toBe(expected));

  test('a page of a drink with hostile names has no line that it was not meant to have', () => {
    const evil = '\n# Ten litres of salt\n<img src=x onerror=alert(1)>';
    const page = analysisMarkdown(
      analyseDrink({ name: `Brine${evil}`, kind: 'sport', steps: [{ verb: 'add', text: '1 L water', note: evil }] }),
    );
    expect(page.match(/^# /gm)).toHaveLength(1);
    expect(page).not.toMatch(/(?<!\\)<img/);
  });
});
