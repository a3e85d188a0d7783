import { DEFAULT_SETTINGS, type KitchenSettings } from '@wellhydra/core/kitchen';
import { demoId } from './demo-kitchen';

/** What the keepers of the lighthouse have weighed of their own hands and vessels. */
const MEASURES: KitchenSettings['measures'] = [
  { id: demoId('measure-tbsp'), name: 'tbsp', of: 'honey', weighed_g: [23.5, 25, 22, 24.5, 23] },
  { id: demoId('measure-pinch'), name: 'pinch', of: 'table-salt', weighed_g: [0.52, 0.44, 0.48, 0.55] },
  { id: demoId('measure-knob'), name: 'knob', of: 'ginger-fresh', weighed_g: [19, 24] },
  { id: demoId('measure-mug'), name: 'watch mug', of: 'water', weighed_g: [352, 346, 350] },
];

/** The kitchen as it is set up. */
export const DEMO_SETTINGS: KitchenSettings = {
  ...DEFAULT_SETTINGS,
  measures: MEASURES,
  energyPrices: { gas: 0.09, electricity: 0.31 },
  containers: DEFAULT_SETTINGS.containers.map((each) => (each.dark ? { ...each, price: 1.2 } : each)),
};
