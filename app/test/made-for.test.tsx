import { screen } from '@testing-library/react';
import { user } from './user';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { useState } from 'react';
import { drinkMadeFor, householdRowSaved } from '../src/domain/people/household';
import { besidesOn, crossedByToday, plannedOn, usualDay } from '../src/domain/people/day-ahead';
import { hadOf } from '../src/domain/people/drunk';
import { analyseDocument } from '../src/domain/run/analyse-document';
import { USUAL_CONTEXT } from '../src/domain/run/run-context';
import { replaceStep } from '../src/domain/drinks/edit-document';
import { createStore } from '../src/domain/store';
import { stepBound, suitsAsWritten, troubleWords } from '../src/features/drink/people/made-for-view';
import { OpenedStep } from '../src/features/drink/step/opened-step';
import { stepsView } from '../src/features/drink/step/steps-view';
import { planPreview } from '../src/features/people/spoons/plan-view';
import { fakeKitchen, renderScreen } from './fake-kitchen';
import { steps } from './trial-drinks';
import { BREWS, HOUSE, NOW, at, bottle, drunk, person, spoonPlan } from './trial-people';

/** A litre in four glasses; each gram of salt is 393 mg of sodium. */
const SALTED = { ...steps('1 L water', '20 g table salt', '40 g honey'), serving: '250 mL' };
const TAM = HOUSE.people['tam']!;
const madeFor = (...people: (typeof TAM)[]) => ({ people, now: NOW });

describe('an amount for those it is made for', () => {
  const bound = (text: string, people = [TAM]) =>
    stepBound(
      { ...SALTED, steps: SALTED.steps.map((step) => (step.id === 's1' ? { ...step, text } : step)) },
      { id: 's1', text },
      USUAL_CONTEXT,
      madeFor(...people),
    );
  test('is bounded by their lines, in what can be measured, and the bound suits them', () => {
    // At seven years 1,500 mg a day (NASEM 2019): 250 mL of it at 393 mg/g are about 15.3 g a litre.
    const { words, take } = bound('20 g table salt')!;
    expect(words).toMatch(
      /^At most 15(?:\.\d)? g table salt: above it a serving is over Tam’s line for sodium, 1,500 mg a day\.$/,
    );
    expect(take).toMatch(/^15(?:\.\d)? g table salt$/);
    expect(bound(take!)!.take).toBeNull();
  });
  test('is told and not pressed where it is within, and not worth a word where it is far off', () => {
    expect(bound('10 g table salt')).toMatchObject({ words: expect.stringMatching(/^At most 15/), take: null });
    expect(bound('1 g table salt')).toBeNull();
    expect(bound('20 g table salt', [])).toBeNull();
    expect(bound('nothing that can be read')).toBeNull();
  });
  test('is none for somebody who is to have none of it', () => {
    const wilf = person('Wilf', { facts: { kidneys: true } });
    expect(bound('1 g potassium chloride', [wilf])!.words).toMatch(
      /^Nothing of it for Wilf: a serving is over Wilf’s line/,
    );
  });
});

test('a drink says why it does not suit them', () => {
  const words = troubleWords(suitsAsWritten(SALTED, USUAL_CONTEXT, madeFor(TAM, HOUSE.people['wren']!)));
  expect(words[0]).toBe('not for Wren: honey');
  expect(words).toContainEqual(
    expect.stringMatching(/^a serving is over Tam’s line for sodium: 1,9\d\d mg, more than the 1,500 mg a day$/),
  );
});

test('on the sheet of a step the bound is taken, and a substitute that does not suit them says so', async () => {
  fakeKitchen({ 'GET /bottles': { bottles: [] } });
  const store = createStore();
  store.dispatch(householdRowSaved({ part: 'people', id: 'tam', row: TAM }));
  store.dispatch(drinkMadeFor({ drinkId: 'd', people: ['tam'] }));
  let now = SALTED as DrinkDocument;
  function Trial() {
    const [document, setDocument] = useState(SALTED as DrinkDocument);
    now = document;
    const analysis = analyseDocument(document);
    return (
      <OpenedStep
        drinkId="d"
        view={stepsView(document, analysis).find(({ id }) => id === 's1')!}
        document={document}
        analysis={analysis}
        context={USUAL_CONTEXT}
        onReplace={(step) => setDocument(replaceStep(document, step))}
        onExchange={() => undefined}
        onClose={() => undefined}
      />
    );
  }
  renderScreen(<Trial />, store);
  await user.click(screen.getByRole('button', { name: 'Swap it' }));
  expect(screen.getAllByText(/^a serving is over Tam’s line for sodium/).length).toBeGreaterThan(0);
  await user.click(screen.getByRole('radio', { name: 'Suits them' }));
  expect(screen.getByText('None of what could take its place does.')).toBeTruthy();
  await user.click(screen.getByRole('button', { name: /^Make it 15/ }));
  expect(now.steps[1]!.text).toMatch(/^15(?:\.\d)? g table salt$/);
});

describe('a day with a plan in it', () => {
  const house = { ...HOUSE, spoonPlans: { plan: spoonPlan({ amount_mL: 250 }) } };
  const known = (...pours: ReturnType<typeof drunk>[]) => ({
    household: house,
    had: hadOf({ pours, brews: BREWS }),
    bottles: [bottle()],
    now: NOW,
  });
  test('what is still to be taken today, and all of it on a day that is to come', () => {
    // At ten past two of 8 to 18 every two hours: 14, 16 and 18 are left. A serving has 500 mg of sodium.
    expect(plannedOn(NOW, 'tam', known()).sodium_mg).toBe(1500);
    expect(plannedOn(new Date(2026, 10, 30), 'tam', known()).sodium_mg).toBe(1500);
    expect(plannedOn(NOW, 'tam', known(), 'plan').sodium_mg).toBe(0);
    expect(plannedOn(NOW, 'ines', known()).sodium_mg).toBe(0);
  });
  test('a usual day is the mean of the six before, without what is taken by plan', () => {
    const other = { ...drunk('tam', at(9, 27)), drinkId: 'other' };
    expect(usualDay('tam', known(drunk('tam', at(9, 27)), other)).sodium_mg).toBeCloseTo(500 / 6, 6);
    expect(besidesOn(new Date(2026, 11, 1), 'tam', known(other), 'plan').sodium_mg).toBeCloseTo(500 / 6, 6);
    expect(besidesOn(NOW, 'tam', known({ ...other, pouredAt: at(9) }), 'plan').sodium_mg).toBe(500);
  });
  test('what they had and what is to come are held against their lines together', () => {
    const crossed = crossedByToday('tam', known({ ...drunk('tam', at(9)), drinkId: 'other' }));
    expect(crossed.find(({ line }) => line.key === 'sodium_mg')).toMatchObject({ taken: 2000, crossed: true });
    expect(crossedByToday('ines', known())).toEqual([]);
  });
  test('a plan that stays under a line by itself is over it with the other plan', () => {
    const preview = (spoonPlans: typeof house.spoonPlans) =>
      planPreview(
        { drinkId: 'd', text: '250 mL 2 a day for 3 days', people: ['tam'], from_min: 480, to_min: 1080, begins: NOW },
        { ...known(), household: { ...house, spoonPlans } },
      ).warns.filter(({ title }) => title.startsWith('Sodium'));
    expect(preview({} as typeof house.spoonPlans)).toEqual([]);
    expect(preview(house.spoonPlans)).toEqual([
      {
        title: 'Sodium: over Tam’s line',
        text: expect.stringMatching(
          /^The plan alone stays under it, but with what else Tam drinks .* comes to 2,500 mg, more than the 1,500 mg a day\.$/,
        ),
      },
    ]);
  });
});
