import { answerCheck } from '../src/features/check/answer-check';
import { checkView, withLine } from '../src/features/check/check-view';
import { comparedDrinks, keptDrinks } from '../src/features/check/keep-drink';
import { sharedText } from '../src/features/check/put-in';

const RECIPE = `Pier bottle
Makes 4 mugs
1 litre water
3 tbsp golden syrup
1 tsp salt
a splash of cider vinegar

Warm the water to 170°C. Stir in two tablespoons of syrup and the salt. Add the sliced lemon.
Good for the little one, too.`;
const viewOf = (text: string) => {
  const { check, text: read } = answerCheck({ text });
  return checkView(check, read);
};
const slip = (text: string, says: RegExp) => viewOf(text).slips.find((each) => says.test(each.says));

describe('a recipe that was checked', () => {
  const view = viewOf(RECIPE);
  const toneOf = (start: string) => view.lines.find(({ text }) => text.startsWith(start))!.tone;

  test('each line says how it was read', () => {
    expect(toneOf('Pier')).toBe('aside');
    expect(toneOf('1 litre')).toBe('certain');
    expect(toneOf('a splash')).toBe('asked');
    expect(toneOf('Warm the water')).toBe('slip');
    expect(view.certain).toMatch(/^\d+ of \d+ lines certain$/);
  });

  test('threads go from a line to the steps that come of it', () => {
    const water = view.lines.find(({ text }) => text.startsWith('1 litre'))!;
    expect(water.steps.map((step) => view.steps[step]!.title)).toEqual(['1 litre water']);
  });

  test('the worst slip is first, and a repair changes its line and nothing else', () => {
    expect(view.slips[0]).toMatchObject({ harm: 'stop', says: 'Not for the little one' });
    const mended = view.slips[0]!.repair!.text;
    expect(mended).not.toMatch(/little one/);
    expect(RECIPE.startsWith(mended.trimEnd())).toBe(true);
    const celsius = slip(RECIPE, /hotter than water/)!.repair!.text;
    expect(celsius).toContain('Warm the water to 77 °C.');
    expect(slip(celsius, /hotter than water/)).toBeUndefined();
  });

  test('an answer is the text as it would be; an amount that is typed stands in the list', () => {
    const splash = view.asks.find(({ ask }) => /splash/.test(ask))!;
    expect(splash.choices[0]!.text).toContain('\n1 tsp cider vinegar\n');
    const lemon = view.asks.find(({ ask }) => /lemon/.test(ask))!;
    const answered = lemon.withAmount!('40 g');
    expect(answered).toContain('a splash of cider vinegar\n40 g lemon\n');
    expect(viewOf(answered).asks.some(({ ask }) => /lemon/.test(ask))).toBe(false);
  });

  test('what is asked is not said a second time as a slip', () => {
    expect(view.slips.some(({ says }) => /lemon/.test(says))).toBe(false);
  });
});

test('all repairs at once leave none to make', () => {
  const { repairAll } = viewOf(RECIPE);
  expect(repairAll!.count).toBeGreaterThan(1);
  const after = viewOf(repairAll!.text);
  expect(after.slips.filter(({ repair }) => repair !== null)).toEqual([]);
  expect(after.repairAll).toBeNull();
});

test('why a recipe cannot be kept is said', () => {
  expect(viewOf(RECIPE).unkept).toBeNull();
  expect(viewOf('Nothing here').unkept).toMatch(/say what goes in/);
  expect(viewOf('Salt\n\n' + '1 g salt\n'.repeat(260)).unkept).toMatch(/holds 200 steps, and this has 260/);
});

test('a line keeps its bullet or number; one that goes takes its end with it', () => {
  const text = 'one\n- two\n3) three';
  expect(withLine(text, { start: 4, end: 9 }, 'zwei')).toBe('one\n- zwei\n3) three');
  expect(withLine(text, { start: 10, end: 18 }, 'drei')).toBe('one\n- two\n3) drei');
  expect(withLine(text, { start: 4, end: 9 }, '')).toBe('one\n3) three');
});

test('a saved page becomes the lines it holds', () => {
  const { text, check } = answerCheck({
    text: '<html><body><script>add 2 kg sugar</script><h1>Tea</h1><p>1 L water</p><p>5 g dried mint</p></body></html>',
  });
  expect(text).toBe('Tea\n\n1 L water\n5 g dried mint');
  expect(check.ingredients.map(({ ingredient }) => ingredient)).toEqual(['water', 'peppermint leaf, dried']);
});

test('nothing, and nonsense, are no drink and break nothing', () => {
  for (const text of ['', '???', '{"a":', '<p>', 'constructor\n__proto__'])
    expect(viewOf(text).steps.filter(({ title }) => title !== '')).toEqual([]);
});

describe('a recipe that is kept', () => {
  const PARTS =
    'Cooler\n\nFOR THE GEL\n10 g chia seed\n100 ml water\n\nFOR THE DRINK\n3 tbsp of the gel\n300 ml coconut water\n\nGel: Stir the chia into the water.\n\nDrink: Stir the gel into the coconut water.';
  const { drink } = viewOf(PARTS);
  let count = 0;
  const newId = () => `id${(count += 1)}`;

  test('its parts are drinks that it uses by their names, and it keeps its words', () => {
    const { main, parts } = keptDrinks(drink!, PARTS, new Set(), newId);
    expect(parts.map(({ name }) => name)).toEqual(['gel']);
    expect(main.source).toBe(PARTS);
    expect(main.steps[0]).toMatchObject({ verb: 'use', text: '3 tbsp gel' });
  });
  test('a name that the kitchen has is not taken twice', () => {
    const { main, parts } = keptDrinks(drink!, PARTS, new Set(['gel', 'gel 2']), newId);
    expect(parts.map(({ name }) => name)).toEqual(['gel 3']);
    expect(main.steps[0]!.text).toBe('3 tbsp gel 3');
  });
  test('beside another its parts are at hand', () =>
    expect(comparedDrinks(drink!).parts.map(({ name }) => name)).toEqual(['gel']));
});

test('what another application shares is its title, its text or its address', () => {
  expect(sharedText({ title: 'Tea', text: '1 L water' })).toBe('Tea\n\n1 L water');
  expect(sharedText({ title: 'Tea', text: 'Tea: 1 L water' })).toBe('Tea: 1 L water');
  expect(sharedText({ url: 'https://example.test' })).toBe('https://example.test');
  expect(sharedText({})).toBe('');
});
