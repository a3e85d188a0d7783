import { analyseDocument } from '../src/domain/run/analyse-document';
import { GLOSSARY, wordOfFigure } from '../src/domain/words/glossary';
import { figuresView } from '../src/features/drink/figures/figures-view';
import { SACHET, drink } from './trial-drinks';

/** Words of the field in plain ones, and which figure needs which. */

test('every word is said once, in sentences, and held against something that is known', () => {
  const ids = GLOSSARY.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  for (const { term, plain, known, use } of GLOSSARY) {
    expect([term, known.length > 0]).toEqual([term, true]);
    for (const sentence of [plain, use]) expect(sentence).toMatch(/^[A-Z0-9].*\.$/);
  }
});

test.each([
  ['liquid.pH', 'ph'],
  ['liquid.osmolality_mOsm_kg', 'osmolality'],
  ['liquid.osmolarity_mOsm_L', 'osmolality'],
  ['perLitre.sodium_mmol', 'mmol'],
  ['plant:elderberry', 'as-dried'],
  ['sodium_mg', 'daily-value'],
  ['sugars_g', undefined],
  ['energy_kcal', undefined],
])('%s is explained by %s', (figure, word) => expect(wordOfFigure(figure)?.id).toBe(word));

test('dissolved particles stand beside those of blood, unless there is a target to hold them against', () => {
  const particles = (document: Parameters<typeof analyseDocument>[0]) =>
    figuresView(analyseDocument(document), 'litre', {}).find(({ label }) => label === 'Dissolved particles');
  expect(particles(drink(['20 g honey', '1 L water'], { kind: 'tonic' }))?.equal).toBe('blood 290');
  expect(particles(SACHET)?.equal).toMatch(/^aim /);
});
