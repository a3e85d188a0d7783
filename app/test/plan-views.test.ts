import type { DrinkDocument } from '@wellhydra/core/drink';
import { scheduleDrinks } from '@wellhydra/core/plan';
import { runContext } from '../src/features/kitchen/run-context';
import { planProblem } from '../src/features/plan/plan-problem';
import { handsOnOf, planRows, shoppingOf } from '../src/features/plan/plan-view';
import { plannedDrinks, type OnShelf } from '../src/features/plan/planned-drinks';
import type { Plans } from '../src/features/plan/plans';
import { START, TONIC, after, brewsWith, drink, event } from './trial-brew';

describe('a plan', () => {
  const drinks = [
    { id: 'tonic', document: TONIC },
    {
      id: 'tea',
      document: drink('Root tea', ['60 g fresh ginger, sliced', '1 L water', 'simmer 20 min', '100 g honey']),
    },
  ];
  const context = runContext(
    null,
    drinks.map(({ document }) => document),
  );
  const wish = (id: string, drinkId: string, hours: number, agreed: string | null = null) => ({
    id,
    drinkId,
    readyBy: after(hours * 60).toISOString(),
    pinned: null,
    agreed,
  });
  const plans = (wishes: Plans['wishes']): Plans => ({ wishes, cooks: 1, bed_min: 1350, up_min: 360 });
  const rowsOf = (wishes: Plans['wishes'], now = START, shelf: readonly OnShelf[] = []) => {
    const planned = plannedDrinks(wishes, drinks, context, shelf);
    const brews = brewsWith([event({ kind: 'finished' })]);
    const problem = planProblem(planned, context, { plans: plans(wishes), brews, shelf, begin: START });
    const { pots } = context.settings;
    return { planned, problem, rows: planRows(planned, problem, scheduleDrinks(problem), pots, { begin: START, now }) };
  };

  it('has a row for each drink that can be made, and its hands-on stretches in order', () => {
    const { rows } = rowsOf([wish('a', 'tonic', 12), wish('b', 'tea', 6), wish('c', 'gone', 6)]);
    expect(rows.map(({ name }) => name).sort()).toEqual(['Harbour tonic', 'Root tea']);
    const hands = handsOnOf(rows);
    for (let index = 1; index < hands.length; index += 1)
      expect(hands[index]!.from.getTime()).toBeGreaterThanOrEqual(hands[index - 1]!.from.getTime());
  });

  it('a preparation that stands on no shelf is planned with its drink, before it', () => {
    const cooler: DrinkDocument = {
      ...drink('Cooler', ['600 mL water']),
      steps: [
        { id: 'c1', verb: 'use', text: '200 mL Harbour tonic' },
        { id: 'c2', verb: 'add', text: '600 mL water' },
      ],
    };
    const all = [...drinks, { id: 'cooler', document: cooler }];
    const kitchen = runContext(
      null,
      all.map(({ document }) => document),
    );
    const wishes = [wish('a', 'cooler', 14)];
    const planned = plannedDrinks(wishes, all, kitchen, []);
    expect(planned.map(({ document, goesInto }) => [document.name, goesInto])).toEqual([
      ['Cooler', null],
      ['Harbour tonic', 'Cooler'],
    ]);
    const brews = brewsWith([event({ kind: 'finished' })]);
    const setting = { plans: plans(wishes), brews, shelf: [], begin: START };
    const { drinks: placed } = scheduleDrinks(planProblem(planned, kitchen, setting));
    const end = (id: string) => placed.find((each) => each.id === id)!;
    expect(end('a tonic').end_min).toBeLessThanOrEqual(end('a').begin_min);
    const bottle = { drinkName: 'Harbour tonic', place: 'fridge' as const, remaining_mL: 400, volume_mL: 500 };
    expect(plannedDrinks(wishes, all, kitchen, [bottle])).toHaveLength(1);
    expect(plannedDrinks([...wishes, wish('b', 'tonic', 10)], all, kitchen, [])).toHaveLength(2);
  });

  it('bottles in the fridge leave less room in it, and the pot that is taken is named', () => {
    const bottle = { drinkName: 'Syrup', place: 'fridge' as const, remaining_mL: 100, volume_mL: 750 };
    const empty = rowsOf([wish('a', 'tonic', 12)]);
    const taken = rowsOf([wish('a', 'tonic', 12)], START, [bottle, { ...bottle, place: 'cupboard' }]);
    expect(empty.problem.fridge_mL - taken.problem.fridge_mL).toBe(750);
    expect(empty.rows[0]!.words).toMatch(/ · in the saucepan$/);
  });

  it('says what is late, and what was missed', () => {
    expect(rowsOf([wish('a', 'tonic', 1)]).rows[0]!.trouble).toMatch(/late$/);
    const missed = rowsOf([wish('a', 'tea', 12, after(-60).toISOString())]).rows[0]!;
    expect(missed.trouble).toMatch(/^It was to be begun 60 min ago; planned anew/);
  });

  it('adds up what is to be in the house, without water', () => {
    const { planned } = rowsOf([wish('a', 'tonic', 12), wish('b', 'tea', 6)]);
    const list = shoppingOf(planned);
    expect(list.find(({ name }) => name === 'Honey')).toMatchObject({
      total: '500 g',
      lines: ['400 g honey for Harbour tonic', '100 g honey for Root tea'],
    });
    expect(list.some(({ name }) => /^water/i.test(name))).toBe(false);
  });
});
