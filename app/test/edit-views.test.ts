import { analyseDrink } from '@wellhydra/core/analyse';
import { documentDrink, stepFromLine, type DrinkDocument } from '@wellhydra/core/drink';
import { askingLines, linesWords, nextLine } from '../src/features/drink/edit/next-line';
import { NEXT_STEP } from '../src/features/drink/edit/use-editing';
import { changeWords, changesView } from '../src/features/drink/figures/changes-view';
import { phasesOf } from '../src/features/drink/step/phases';
import { standingRows } from '../src/features/drink/step/use-phases';
import { stepsView } from '../src/features/drink/step/steps-view';

const drinkOf = (kind: DrinkDocument['kind'], ...lines: readonly string[]): DrinkDocument => ({
  name: 'Trial',
  kind,
  serving: '250 mL',
  target: null,
  steps: lines.map((line, at) => ({ id: `s${at}`, ...stepFromLine(line) })),
});
const runOf = (document: DrinkDocument) => analyseDrink(documentDrink(document));
const rowsOf = (document: DrinkDocument) => stepsView(document, runOf(document));

describe('what an edit has changed', () => {
  const saltOf = (grams: number) =>
    runOf(drinkOf('rehydration', `${grams} g table salt`, '20 g sugar', 'water to 1 L'));

  test('the figure that moved furthest leads, with what it was', () => {
    const [first, ...others] = changesView(saltOf(2.6), saltOf(8), 'serving');
    // 39.3 % of salt is sodium: 2.6 g in four servings is 255.7 mg each, 8 g 786.8 mg.
    expect(first).toMatchObject({ id: 'sodium_mg', was: '256', value: '787 mg', side: 'high' });
    expect(changeWords(first!)).toBe('over the line');
    expect(first!.places!.was).toBeCloseTo((first!.places!.dot * 2.6) / 8, 2);
    expect(others.find(({ id }) => id === 'sugars_g')!.was).toBeUndefined();
  });

  test('what has not changed says so, and stays in its order', () => {
    const same = changesView(saltOf(2.6), saltOf(2.6), 'serving');
    expect(same.every(({ was }) => was === undefined)).toBe(true);
    expect(same.filter(({ side }) => side === null).map(changeWords)).toContain('unchanged');
  });

  test('what was not in it before was nothing, and what is taken out is nothing now', () => {
    const without = runOf(drinkOf('rehydration', '20 g sugar', 'water to 1 L'));
    const withIt = runOf(drinkOf('rehydration', '1.5 g potassium chloride', '20 g sugar', 'water to 1 L'));
    const potassium = (list: ReturnType<typeof changesView>) => list.find(({ id }) => id === 'potassium_mg')!;
    // There is a little in tap water.
    expect(Number(potassium(changesView(without, withIt, 'serving')).was)).toBeLessThan(0.5);
    expect(parseFloat(potassium(changesView(withIt, without, 'serving')).value)).toBeLessThan(0.5);
  });
});

describe('where the keys go next', () => {
  const asking = rowsOf(drinkOf('tonic', '500 mL water', '2 g slat', '1 tbsp honey', 'a glug of wotter'));

  test('to the next line that asks, round the end, and not to an empty one', () => {
    expect(nextLine(asking, 's1')).toEqual({ at: 's3', asks: true });
    expect(nextLine(asking, 's3')).toEqual({ at: 's1', asks: true });
    expect(linesWords(asking)).toBe('4 lines · 2 ask');
    expect(askingLines(rowsOf(drinkOf('tonic', '500 mL water', '')))).toEqual([]);
  });

  test('else to the line below, and from the last one to the box for a new one', () => {
    const rows = rowsOf(drinkOf('tonic', '500 mL water', '1 tbsp honey'));
    expect(nextLine(rows, 's0')).toEqual({ at: 's1', asks: false });
    expect(nextLine(rows, 's1')).toEqual({ at: NEXT_STEP, asks: false });
    expect(nextLine(rows, NEXT_STEP)).toEqual({ at: NEXT_STEP, asks: false });
    expect(linesWords(rows.slice(0, 1))).toBe('1 line');
  });
});

describe('phases', () => {
  const named = (...lines: readonly string[]) => {
    const document = drinkOf('syrup', ...lines);
    return phasesOf(rowsOf(document), runOf(document)).map(({ name, steps }) => `${name} ${steps.length}`);
  };

  test('what is put in counts to what it is put in for, and sugar after straining sweetens', () => {
    expect(
      named(
        '1 L water',
        '200 g dried elderberries',
        'soak 8 h',
        '5 g cinnamon',
        'simmer 20 min',
        'cool to 40 °C',
        'strain through cloth',
        '300 g white sugar',
        '20 mL lemon juice',
        'bottle in 250 mL dark bottle',
        'store in the fridge',
      ),
    ).toEqual(['Soak 3', 'Simmer 3', 'Strain 1', 'Sweeten 1', 'Mix 1', 'Bottle 2']);
  });

  test('a drink that is only stirred is mixed', () => {
    expect(named('1 L water', '2 g salt', 'dissolve')).toEqual(['Mix 3']);
  });

  test('the rows of a folded phase share its heading, and together they are one row', () => {
    const phases = [
      { name: 'Soak' as const, ids: ['a', 'b', 'c'], folded: true },
      { name: 'Strain' as const, ids: ['d'], folded: false },
    ];
    const rows = standingRows(['a', 'b', 'c', 'd'], phases);
    expect(rows.map(({ row }) => row)).toEqual(['a', 'a', 'a', 'd']);
    expect(rows.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(2);
  });
});
