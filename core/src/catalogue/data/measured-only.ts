import type { FoodRow, MeasuredOnlyRow } from '../ingredient-row';

type SugarRow = Omit<FoodRow, 'per100g'> & { readonly sameAs: string };

/** Sugars that differ from another row only in how they lie in a spoon. */
export const GROUND_SUGARS: readonly SugarRow[] = [
  { id: 'caster-sugar', name: 'Caster sugar', role: 'sweetener', state: 'soluble', aliases: ['superfine sugar'], sameAs: 'white-sugar', source: 'household-measures', confidence: 'B' },
  { id: 'powdered-sugar', name: 'Powdered sugar', role: 'sweetener', state: 'soluble', aliases: ['icing sugar'], sameAs: 'white-sugar', source: 'household-measures', confidence: 'A' },
];

/** Things that can be weighed, counted and spooned, whose contents are not tabulated. */
export const MEASURED_ONLY: readonly MeasuredOnlyRow[] = [
  { id: 'lemon', name: 'Lemon', role: 'fruit', aliases: ['lemons', 'lemon zest'], source: 'household-measures', confidence: 'B' },
  { id: 'lime', name: 'Lime', role: 'fruit', aliases: ['limes'], source: 'household-measures', confidence: 'B' },
  { id: 'orange', name: 'Orange', role: 'fruit', aliases: ['oranges'], source: 'household-measures', confidence: 'B' },
  { id: 'grapefruit', name: 'Grapefruit', role: 'fruit', aliases: ['grapefruits'], source: 'household-measures', confidence: 'B' },
  { id: 'pineapple', name: 'Pineapple', role: 'fruit', aliases: ['pineapples'], source: 'household-measures', confidence: 'B' },
  { id: 'watermelon', name: 'Watermelon', role: 'fruit', aliases: [], source: 'household-measures', confidence: 'B' },
  { id: 'pomegranate', name: 'Pomegranate', role: 'fruit', aliases: ['pomegranates', 'pomegranate arils'], source: 'household-measures', confidence: 'B' },
  { id: 'cranberries', name: 'Cranberries', role: 'fruit', aliases: ['cranberry'], source: 'household-measures', confidence: 'B' },
  { id: 'sour-cherries', name: 'Sour cherries', role: 'fruit', aliases: ['tart cherries', 'cherries', 'cherry'], source: 'household-measures', confidence: 'B' },
  { id: 'peppermint-dried', name: 'Peppermint leaf, dried', role: 'herb', aliases: ['dried peppermint', 'dried mint'], source: 'household-measures', confidence: 'B' },
  { id: 'chamomile-dried', name: 'Chamomile, dried', role: 'herb', aliases: ['chamomile', 'dried chamomile', 'chamomile flowers'], source: 'estimate', confidence: 'C' },
  { id: 'elderflower-dried', name: 'Elderflower, dried', role: 'herb', aliases: ['dried elderflower', 'elderflower'], source: 'estimate', confidence: 'C' },
  { id: 'tea', name: 'Tea', role: 'herb', aliases: ['black tea', 'green tea', 'herbal tea', 'tea leaves'], source: 'household-measures', confidence: 'B' },
  { id: 'cinnamon-stick', name: 'Cinnamon stick', role: 'spice', aliases: ['cinnamon', 'cinnamon sticks', 'cinnamon bark'], source: 'household-measures', confidence: 'B' },
  { id: 'cloves-whole', name: 'Cloves, whole', role: 'spice', aliases: ['clove', 'cloves', 'whole cloves'], source: 'household-measures', confidence: 'B' },
  { id: 'star-anise', name: 'Star anise', role: 'spice', aliases: [], source: 'household-measures', confidence: 'B' },
  { id: 'cardamom-pods', name: 'Cardamom pods', role: 'spice', aliases: ['cardamom pod', 'cardamom'], source: 'household-measures', confidence: 'B' },
  { id: 'cardamom-ground', name: 'Cardamom, ground', role: 'spice', aliases: ['ground cardamom'], source: 'household-measures', confidence: 'A' },
  { id: 'peppercorns', name: 'Peppercorns', role: 'spice', aliases: ['peppercorn', 'black peppercorns'], source: 'household-measures', confidence: 'B' },
  { id: 'black-pepper-ground', name: 'Black pepper, ground', role: 'spice', aliases: ['ground black pepper', 'black pepper'], source: 'household-measures', confidence: 'A' },
  { id: 'cayenne-ground', name: 'Cayenne, ground', role: 'spice', aliases: ['cayenne', 'ground cayenne', 'cayenne pepper'], source: 'household-measures', confidence: 'A' },
  { id: 'vanilla-bean', name: 'Vanilla bean', role: 'spice', aliases: ['vanilla beans', 'vanilla pod'], source: 'household-measures', confidence: 'B' },
  { id: 'bay-leaf', name: 'Bay leaf', role: 'herb', aliases: ['bay leaves', 'bay'], source: 'household-measures', confidence: 'B' },
];
