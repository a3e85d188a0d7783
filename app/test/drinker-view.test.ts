import { hadOf } from '../src/domain/people/drunk';
import { bottlesForMe, glassWords } from '../src/features/drinker/drinker-view';
import { BREWS, FACTS, NOW, at, bottle, drunk, person } from './trial-people';

const HONEY_FREE = { ...FACTS, contains: ['water', 'table-salt'], added: { ...FACTS.added, potassium_mg: 0 } };
const SHELF = [
  bottle({ id: 'salted', useBy: at(8, 29) }),
  bottle({ id: 'late', facts: HONEY_FREE, useBy: at(8, 30) }),
  bottle({ id: 'soon', facts: HONEY_FREE, useBy: at(20, 28) }),
];
const forWhom = (who: ReturnType<typeof person> | null, had: ReturnType<typeof hadOf> | null = []) =>
  bottlesForMe(SHELF, { who: who && { id: 'me', person: who }, had, now: NOW });

describe('the shelf of a drinker', () => {
  test('what is to be used up first stands first', () =>
    expect(forWhom(person('Tam')).map(({ bottle: { id } }) => id)).toEqual(['soon', 'salted', 'late']));
  test('what is not for them stands below, with the reason', () => {
    const views = forWhom(person('Tam', { facts: { kidneys: true } }));
    expect(views.map(({ bottle: { id }, grave }) => [id, grave])).toEqual([
      ['soon', false],
      ['late', false],
      ['salted', true],
    ]);
    expect(views[2]!.aside).toMatch(/potassium/i);
  });
  test('a glass that would cross a line of today is told of before', () => {
    const lines = { sodium_mg: { most: 700, from: 'own' as const } };
    const had = hadOf({ pours: [drunk('me', at(9), { volume_mL: 125 })], brews: BREWS });
    const salted = (rows: ReturnType<typeof hadOf> | null) =>
      forWhom(person('Tam', { lines }), rows).find(({ bottle: { id } }) => id === 'salted')!;
    expect(salted([]).grave).toBe(false);
    expect(salted(had).grave).toBe(true);
  });
  test('for nobody in particular nothing is held back', () =>
    expect(forWhom(null).map(({ aside, grave }) => [aside, grave])).toEqual([
      ['', false],
      ['', false],
      ['', false],
    ]));
  test('a glass is its drink and how much of it', () => {
    const [had] = hadOf({ pours: [drunk('me', at(9), { volume_mL: 125 })], brews: BREWS });
    expect(glassWords(had!)).toBe('Sea-room glass, 125 mL');
  });
});
