import { analyseDrink } from '@wellhydra/core/analyse';
import { documentDrink, type DrinkDocument } from '@wellhydra/core/drink';
import { pictureView, wrapped } from '../src/features/drink/picture/picture-view';
import { fileName } from '../src/state/save-file';
import { SACHET, drink, steps } from './trial-drinks';

const viewOf = (document: DrinkDocument) => pictureView(document, analyseDrink(documentDrink(document)));
const LONG = 'Elderberry, cinnamon and clove syrup for the long nights of the autumn migration on the island';

describe('a picture of a drink', () => {
  test('every step has its words beside the stream, one below the other, and within the picture', () => {
    const view = viewOf(SACHET);
    const titles = view.lines.filter(({ look }) => look === 'step').map(({ text }) => text);
    expect(titles).toEqual([
      '2.6 g table salt',
      '13.5 g glucose',
      '1.5 g potassium chloride',
      expect.stringMatching(/^2\.9 g/),
      'Water to 1 L',
    ]);
    expect(view.rules).toHaveLength(SACHET.steps.length);
    for (const [at, { y }] of view.lines.entries()) {
      expect(y).toBeLessThan(view.height);
      expect(y).toBeGreaterThan(view.lines[at - 1]?.y ?? 0);
    }
    // The stream ends where the last step does.
    expect(view.stream.bands.length).toBeGreaterThan(1);
    expect(view.stream.y).toBeLessThan(view.rules[0]!);
  });

  test('the colours that are in it are named once, and that salts are drawn larger', () => {
    const { legend, lines } = viewOf(SACHET);
    expect(legend.map(({ name }) => name)).toEqual(['water', 'sugars', 'salts']);
    expect(lines.at(-1)!.text).toMatch(/^Salts are drawn ten times as wide/);
    expect(viewOf(drink(['1 L water', '50 g honey'])).lines.at(-1)!.text).not.toMatch(/ten times/);
  });

  test('a long name has as many lines as it needs, and what goes into the glass stands below', () => {
    const view = viewOf({
      ...steps('30 g fresh ginger', '1 L water', 'simmer 20 min'),
      name: LONG,
    });
    const name = view.lines.filter(({ look }) => look === 'name');
    expect(name.length).toBeGreaterThan(2);
    expect(name.map(({ text }) => text).join(' ')).toBe(LONG);
    const glass = steps('1 L water', '1 tsp honey');
    const served = viewOf({ ...glass, steps: [glass.steps[0]!, { ...glass.steps[1]!, atServing: true }] });
    expect(served.lines.some(({ text }) => text.startsWith('In each glass: 1 tsp honey'))).toBe(true);
    expect(served.rules).toHaveLength(1);
  });

  test('a word that is longer than a line has one of its own', () =>
    expect(wrapped('a verylongwordindeed b', 8)).toEqual(['a', 'verylongwordindeed', 'b']));

  test.each([
    ['Dawn-round bottle', 'dawn-round-bottle.png'],
    ['Crème / ../brûlée', 'creme-brulee.png'],
    ['水', 'drink.png'],
  ])('%s is saved as %s', (name, file) => expect(fileName(name, 'png')).toBe(file));
});
