import { analyseDrink } from '@wellhydra/core/analyse';
import { namedIn } from '@wellhydra/core/catalogue';
import { ingredientFromLabel, labelDoubts, ownIngredient, readLabelText } from '@wellhydra/core/own-ingredient';

const EU = `Nutrition    Typical values per 100 g    per serving (20 g)
Energy  1650 kJ / 388 kcal   330 kJ / 78 kcal
Fat <0,5 g <0.1 g
of which saturates 0 g 0 g
Carbohydrate 96 g 19 g
of which sugars 94 g 19 g
Fibre 0 g 0 g
Protein 0 g 0 g
Salt 1.25 g 0.25 g
Magnesium 56 mg (15 % NRV) 11 mg`;

describe('a label is read', () => {
  it('in columns, of which that of 100 g is taken', () => {
    expect(readLabelText(EU)).toEqual({
      serving_g: 100,
      figures: {
        energy_kcal: 388,
        fat_g: 0.25,
        carbohydrate_g: 96,
        sugars_g: 94,
        fibre_g: 0,
        protein_g: 0,
        sodium_mg: 500,
        magnesium_mg: 56,
      },
      energy_kJ: 1650,
      salt_g: 1.25,
      unread: [],
    });
  });

  it('in columns the other way round', () => {
    const read = readLabelText('Per portion (30 g) per 100 g\nCarbohydrate 29 g 97 g\nSodium 60 mg 200 mg');
    expect(read).toMatchObject({ serving_g: 100, figures: { carbohydrate_g: 97, sodium_mg: 200 } });
  });

  it('by the serving, as it is elsewhere', () => {
    const read = readLabelText(
      'Serving size 1 tbsp (21g)\nCalories 60\nTotal Fat 0g\nSodium 0mg\nTotal Carbohydrate 17g\nTotal Sugars 17g\nIncludes 17g Added Sugars\nProtein 0g\nPotassium 11mg',
    );
    expect(read).toMatchObject({
      serving_g: 21,
      figures: { energy_kcal: 60, fat_g: 0, sodium_mg: 0, carbohydrate_g: 17, sugars_g: 17, potassium_mg: 11 },
    });
  });

  it('in one sentence, and says which number meant nothing', () => {
    const read = readLabelText('Per 100 g: energy 1700 kJ/400 kcal, carbohydrate 99 g of which sugars 98 g, zinc 5 mg');
    expect(read.figures).toEqual({ energy_kcal: 400, carbohydrate_g: 99, sugars_g: 98 });
    expect(read.unread).toEqual(['zinc 5 mg']);
  });

  it.each(['', 'hello', '🙂🙂', '1 2 3', 'per 100 g', 'x'.repeat(20_000)])('%# of nothing there is nothing', (text) => {
    expect(readLabelText(text)).toMatchObject({ serving_g: 100, figures: {} });
  });
});

describe('its figures are held against each other', () => {
  const label = (text: string) => labelDoubts(readLabelText(`per 100 g\n${text}`)).map(({ figure }) => figure);

  it('and agree where it is printed as it should be', () => {
    expect(labelDoubts(readLabelText(EU))).toEqual([]);
    expect(label('calories 354\nfat 0 g\ncarbohydrate 40 g\nfibre 40 g\nprotein 10 g')).toEqual(['energy_kcal']);
    // The same with its fibre in and beside the carbohydrate.
    expect(label('280 kcal\nfat 0 g\ncarbohydrate 40 g\nfibre 40 g\nprotein 10 g')).toEqual([]);
    expect(label('120 kcal\nfat 0 g\ncarbohydrate 40 g\nfibre 40 g\nprotein 10 g')).toEqual([]);
  });

  it.each([
    ['more sugar than carbohydrate', 'carbohydrate 9 g\nsugars 90 g', 'sugars_g'],
    ['more than there is', 'carbohydrate 96 g\nprotein 30 g', 'carbohydrate_g'],
    ['energy with a digit lost', '39 kcal\ncarbohydrate 97 g', 'energy_kcal'],
    ['energy of nothing', '400 kcal\ncarbohydrate 3 g', 'energy_kcal'],
    ['kJ and kcal apart', '1700 kJ / 500 kcal\ncarbohydrate 99 g\nfat 10 g', 'energy_kcal'],
    ['salt and sodium apart', 'salt 1 g\nsodium 40 mg', 'sodium_mg'],
  ])('%s is doubted', (_what, text, figure) => {
    expect(label(text)).toContain(figure);
  });
});

it('becomes an ingredient with those contents', () => {
  const { figures, serving_g } = readLabelText(EU);
  const made = ownIngredient({
    name: 'Gull powder',
    role: 'sweetener',
    state: 'soluble',
    label: { serving_g, ...figures },
  });
  expect(made).toMatchObject({ id: 'own:gull-powder', state: 'soluble' });
  // 500 mg of sodium are 21.7 mmol, in 100 g.
  expect(100 * made.composition!.sodium_mmol).toBeCloseTo(500 / 22.99, 2);
  expect(made).toEqual(
    ingredientFromLabel({ name: 'Gull powder', role: 'sweetener', state: 'soluble', serving_g, ...figures }),
  );
});

describe('what its name speaks of is warned of', () => {
  const codesWith = (name: string) => {
    const own = [ownIngredient({ name, role: 'sweetener', state: 'soluble', label: { serving_g: 100, sugars_g: 80 } })];
    const steps = [
      { verb: 'add', text: '1 L water' },
      { verb: 'add', text: `50 g ${name}` },
    ] as const;
    return analyseDrink({ name: 'Labelled', kind: 'tonic', serving: '250 mL', steps }, { own }).cautions.map(
      ({ code }) => code,
    );
  };

  it('honey under any name is not for babies; what only sounds a little like it may be', () => {
    expect(codesWith('Skerry forest honey')).toContain('honey-under-12-months');
    expect(codesWith('Honeycomb-yellow powder')).not.toContain('honey-under-12-months');
    expect(codesWith('Gull powder')).not.toContain('honey-under-12-months');
  });

  it('liquorice in a blend is liquorice', () => {
    expect(codesWith('Throat blend with liquorice root')).toContain('liquorice-blood-pressure');
    expect(codesWith('Throat blend with root')).not.toContain('liquorice-blood-pressure');
  });

  it('is found in names of several words', () => {
    expect(namedIn('Skerry honey, and table salt')).toEqual(expect.arrayContaining(['honey', 'table-salt']));
    expect(namedIn('')).toEqual([]);
  });
});
