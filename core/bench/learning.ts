import { brewState, learnHabits, runBrew, type BrewEvent, type BrewRecipe, type LearnedFrom } from '../src/brew';
import type { DrinkDocument, Verb } from '../src/drink';
import type { Habits } from '../src/equipment';
import { standardNormal } from '../src/spread';

const step = (id: string, verb: Verb, text: string, more: object = {}) => ({ id, verb, text, ...more });

/** Berries simmered and strained; amounts and times differ from brew to brew, as they do. */
function tonic(brew: number): DrinkDocument {
  const berries = [100, 150, 80, 120, 200, 100][brew % 6]!;
  return {
    name: 'Elder tonic',
    kind: 'tonic',
    serving: '15 mL',
    target: null,
    steps: [
      step('berries', 'add', `${berries} g dried elderberries`),
      step('water', 'add', `${berries * 9} mL water`),
      step('simmer', 'simmer', `${[40, 45, 30, 50, 45, 40][brew % 6]} min`, { lid: 'off' }),
      step('cloth', 'strain', 'cloth'),
    ],
  };
}

/** By the tables: how far a saucepan's evaporation, a burner and a straining hand lie apart. */
const APART: Readonly<Record<string, number>> = {
  'evaporation:saucepan': 0.2,
  'burner:gas medium': 0.1,
  'strainer:cloth': 0.12,
};
const JUG_CV = 0.02;
const RETENTION_CV = 0.09;
const READ_AT = ['simmer', 'cloth'] as const;

const volumeAt = (recipe: BrewRecipe, at: string): number => {
  const { steps, analysis } = runBrew(recipe, brewState([]));
  const index = steps.findIndex(({ of }) => of === at);
  return analysis.trace.entries.find((entry) => entry.step === index)!.volume_mL!;
};
const inKitchen = (document: DrinkDocument, habits: Habits): BrewRecipe => ({
  document,
  options: { kitchen: { habits } },
});

/**
 * Simulated kitchens that differ as real ones do, each making a tonic over and over: the error of the predicted
 * yield before the first brew and before the one after `brews` of them, root mean square in percent.
 */
export function learningErrors(kitchens: number, brews: number, seed = 5) {
  const normal = standardNormal(seed);
  const errors = Array.from({ length: brews + 1 }, () => 0);
  for (let kitchen = 0; kitchen < kitchens; kitchen += 1) {
    const truth = Object.fromEntries(
      Object.entries(APART).map(([key, cv]) => [key, { factor: Math.exp(cv * normal()), cv: 0 }]),
    );
    const made: LearnedFrom[] = [];
    for (let brew = 0; brew <= brews; brew += 1) {
      const document = tonic(brew);
      const { habits } = learnHabits(made);
      // The fruit of the day holds back a little more or less, in the true kitchen only.
      const plant = { 'retention:elderberries-dried': { factor: Math.exp(RETENTION_CV * normal()), cv: 0 } };
      const true_mL = (at: string) => volumeAt(inKitchen(document, { ...truth, ...plant }), at);
      const yielded = true_mL('cloth');
      errors[brew]! += ((volumeAt(inKitchen(document, habits), 'cloth') / yielded - 1) * 100) ** 2;
      const events = READ_AT.map((at, index): BrewEvent => {
        const value = true_mL(at) * Math.exp(JUG_CV * normal());
        const id = `${kitchen}-${brew}-${index}`;
        return { kind: 'reading', id, at: '2026-01-01T00:00:00Z', step: at, quantity: 'volume_mL', value };
      });
      made.push({ name: String(brew), recipe: { document }, state: brewState(events) });
    }
  }
  return errors.map((sum) => Math.sqrt(sum / kitchens));
}
