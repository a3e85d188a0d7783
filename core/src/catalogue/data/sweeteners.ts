import type { FoodRow } from '../ingredient-row';

/** Sugars, honey and syrups, per 100 g. */
export const SWEETENERS: readonly FoodRow[] = [
  {
    id: 'honey', name: 'Honey', role: 'sweetener', state: 'soluble',
    aliases: ['runny honey', 'raw honey', 'clear honey'],
    per100g: { water: 17.1, sucrose: 0.9, glucose: 35.75, fructose: 40.94, otherCarbohydrate: 4.7, gluconic: 0.6, sodium_mg: 4, potassium_mg: 52, magnesium_mg: 2, calcium_mg: 6, chloride_mg: 18, phosphorus_mg: 4, vitaminC_mg: 0.5, energy_kcal: 304, solubleSolids: 82.6, residualAnion_mEq_per_kg: -4.4 },
    density_g_mL: 1.42,
    source: 'usda', confidence: 'A',
  },
  {
    id: 'white-sugar', name: 'White sugar', role: 'sweetener', state: 'soluble',
    aliases: ['sugar', 'granulated sugar', 'white granulated sugar', 'table sugar', 'sucrose', 'cane sugar'],
    per100g: { water: 0.03, sucrose: 99.9, glucose: 0.05, fructose: 0.05, sodium_mg: 1, potassium_mg: 2, calcium_mg: 1, energy_kcal: 387, solubleSolids: 99.97, referencePh: 6.5 },
    source: 'usda', confidence: 'A',
  },
  {
    id: 'brown-sugar', name: 'Brown sugar', role: 'sweetener', state: 'soluble',
    aliases: [],
    per100g: { water: 1.34, sucrose: 94.6, glucose: 1.35, fructose: 1.11, sodium_mg: 28, potassium_mg: 133, magnesium_mg: 9, calcium_mg: 83, chloride_mg: 20, phosphorus_mg: 4, energy_kcal: 380, solubleSolids: 98, residualAnion_mEq_per_kg: 88 },
    source: 'usda', confidence: 'A',
  },
  {
    id: 'glucose-monohydrate', name: 'Glucose monohydrate', role: 'sweetener', state: 'soluble',
    aliases: ['dextrose', 'dextrose monohydrate', 'dextrose powder', 'dextrose monohydrate powder'],
    per100g: { water: 9.1, glucose: 90.9, energy_kcal: 340, solubleSolids: 90.9 },
    source: 'usda', confidence: 'A',
  },
  {
    id: 'glucose', name: 'Glucose, anhydrous', role: 'sweetener', state: 'soluble',
    aliases: ['glucose', 'anhydrous glucose', 'glucose powder', 'anhydrous dextrose'],
    per100g: { water: 0.2, glucose: 99.8, energy_kcal: 374, solubleSolids: 99.8 },
    source: 'usda', confidence: 'A',
  },
  {
    id: 'fructose', name: 'Fructose', role: 'sweetener', state: 'soluble',
    aliases: ['fruit sugar'],
    per100g: { water: 0.1, fructose: 99.9, energy_kcal: 368, solubleSolids: 99.9 },
    source: 'usda', confidence: 'A',
  },
  {
    id: 'maple-syrup', name: 'Maple syrup', role: 'sweetener', state: 'soluble',
    aliases: [],
    per100g: { water: 32.4, sucrose: 63.5, glucose: 1.6, fructose: 0.5, malic: 0.25, sodium_mg: 12, potassium_mg: 212, magnesium_mg: 21, calcium_mg: 102, chloride_mg: 14, phosphorus_mg: 2, energy_kcal: 260, fat: 0.06, solubleSolids: 66.8, residualAnion_mEq_per_kg: 86.2 },
    density_g_mL: 1.325,
    source: 'food-chemistry', confidence: 'B',
  },
  {
    id: 'agave-syrup', name: 'Agave syrup', role: 'sweetener', state: 'soluble',
    aliases: ['agave', 'agave nectar'],
    per100g: { water: 22.9, sucrose: 0.2, glucose: 12.4, fructose: 55.6, otherCarbohydrate: 6.5, sodium_mg: 4, potassium_mg: 4, magnesium_mg: 1, calcium_mg: 1, chloride_mg: 1, phosphorus_mg: 1, energy_kcal: 310, fat: 0.1, solubleSolids: 76, residualAnion_mEq_per_kg: 3.5 },
    density_g_mL: 1.36,
    source: 'food-chemistry', confidence: 'B',
  },
  {
    id: 'molasses', name: 'Molasses', role: 'sweetener', state: 'soluble',
    aliases: ['treacle', 'black treacle'],
    per100g: { water: 21.9, sucrose: 29.4, glucose: 11.9, fructose: 12.8, citric: 0.1, malic: 0.3, sodium_mg: 37, potassium_mg: 1464, magnesium_mg: 242, calcium_mg: 205, chloride_mg: 900, phosphorus_mg: 31, energy_kcal: 290, fat: 0.1, solubleSolids: 75, residualAnion_mEq_per_kg: 375.3 },
    density_g_mL: 1.42,
    source: 'food-chemistry', confidence: 'B',
  },
  {
    id: 'coconut-sugar', name: 'Coconut sugar', role: 'sweetener', state: 'soluble',
    aliases: [],
    per100g: { water: 2, sucrose: 80, glucose: 4, fructose: 4, malic: 0.3, sodium_mg: 60, potassium_mg: 900, magnesium_mg: 25, calcium_mg: 10, chloride_mg: 470, phosphorus_mg: 60, energy_kcal: 375, fat: 0.2, solubleSolids: 95, residualAnion_mEq_per_kg: 87.6 },
    source: 'estimate', confidence: 'C',
  },
];
