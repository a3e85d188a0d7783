import type { Verb } from '@wellhydra/core/drink';

/** Verbs as they are offered, by what a maker is about to do. */
export const VERB_GROUPS: readonly { readonly title: string; readonly verbs: readonly Verb[] }[] = [
  { title: 'Put in', verbs: ['add', 'use', 'carbonate'] },
  { title: 'Get ready', verbs: ['wash', 'freeze', 'soak', 'mash', 'blend', 'mill', 'press'] },
  { title: 'Heat', verbs: ['heat', 'simmer', 'boil', 'reduce'] },
  { title: 'Let stand', verbs: ['steep', 'infuse', 'rest'] },
  { title: 'Mix', verbs: ['stir', 'dissolve', 'shake'] },
  { title: 'Take away', verbs: ['strain', 'rinsePass', 'remove', 'skim', 'draw'] },
  { title: 'Cool', verbs: ['cool', 'chill'] },
  { title: 'Keep', verbs: ['bottle', 'process', 'store'] },
];

export const VERB_LABELS: Readonly<Record<Verb, string>> = {
  add: 'Add',
  use: 'Use a preparation',
  wash: 'Wash',
  freeze: 'Freeze',
  soak: 'Soak',
  heat: 'Heat',
  simmer: 'Simmer',
  boil: 'Boil',
  reduce: 'Reduce',
  steep: 'Steep',
  mash: 'Crush',
  blend: 'Blend',
  mill: 'Mill',
  press: 'Press',
  strain: 'Strain',
  remove: 'Take out',
  rinsePass: 'Rinse again',
  dissolve: 'Dissolve',
  stir: 'Stir',
  shake: 'Shake',
  cool: 'Cool',
  chill: 'Chill',
  skim: 'Skim',
  rest: 'Rest',
  infuse: 'Infuse',
  carbonate: 'Top up with fizz',
  draw: 'Draw off',
  bottle: 'Bottle',
  process: 'Process jars',
  store: 'Store',
};

/** Qualifiers a sheet can set, by how they are set. */
export type FormQualifier =
  | 'lid'
  | 'pot'
  | 'burner'
  | 'at'
  | 'coolIn'
  | 'soakIn'
  | 'washIn'
  | 'keepLiquid'
  | 'gently'
  | 'rinseThrough'
  | 'headspace'
  | 'altitude'
  | 'loadLimit'
  | 'as';

interface VerbForm {
  /** What the value is. */
  readonly label: string;
  readonly placeholder: string;
  readonly picks: readonly string[];
  readonly qualifiers: readonly FormQualifier[];
}

const TIMES = ['5 min', '10 min', '20 min', '35 min', '45 min', '1 h'];
const LONG = ['30 min', '2 h', '4 h', '8 h', '12 h', '1 day'];
const SHORT = ['30 s', '1 min', '2 min', '5 min'];
const STOVE: readonly FormQualifier[] = ['lid', 'pot', 'burner'];

export const VERB_FORMS: Readonly<Record<Verb, VerbForm>> = {
  add: { label: 'How much of what', placeholder: '2 tbsp honey', picks: [], qualifiers: [] },
  use: { label: 'How much of which', placeholder: '30 mL hip syrup', picks: [], qualifiers: [] },
  carbonate: {
    label: 'With',
    placeholder: 'with 1 L sparkling water',
    picks: ['with 250 mL sparkling water', 'with 500 mL sparkling water', 'with 1 L sparkling water'],
    qualifiers: [],
  },
  wash: { label: 'What', placeholder: 'berries', picks: ['hands and produce', 'berries'], qualifiers: ['washIn'] },
  freeze: { label: 'How long', placeholder: '12 h', picks: ['12 h', '1 day', '2 days'], qualifiers: [] },
  soak: { label: 'How long', placeholder: '20 min', picks: LONG, qualifiers: ['soakIn', 'keepLiquid', 'at'] },
  mash: { label: 'How long', placeholder: '2 min', picks: SHORT, qualifiers: [] },
  blend: { label: 'How long', placeholder: '1 min', picks: SHORT, qualifiers: ['loadLimit'] },
  mill: { label: 'How long', placeholder: '2 min', picks: SHORT, qualifiers: [] },
  press: {
    label: 'How',
    placeholder: 'blender and mesh',
    picks: ['hand press', 'blender and mesh', 'blender and cloth', 'juicer'],
    qualifiers: ['loadLimit'],
  },
  heat: {
    label: 'To',
    placeholder: 'to 70 °C',
    picks: ['to 40 °C', 'to 70 °C', 'to a simmer', 'to boil'],
    qualifiers: STOVE,
  },
  simmer: { label: 'How long', placeholder: '35 min', picks: TIMES, qualifiers: STOVE },
  boil: { label: 'How long', placeholder: '5 min', picks: TIMES, qualifiers: STOVE },
  reduce: {
    label: 'To',
    placeholder: 'to half',
    picks: ['to half', 'to 500 mL', 'to 62 °Brix', 'by 30 %'],
    qualifiers: STOVE,
  },
  steep: { label: 'How long', placeholder: '25 min', picks: ['10 min', '25 min', ...LONG], qualifiers: ['at'] },
  infuse: { label: 'How long', placeholder: '4 h', picks: LONG, qualifiers: ['at'] },
  rest: { label: 'How long', placeholder: '2 h', picks: LONG, qualifiers: ['at'] },
  stir: { label: 'How long', placeholder: 'until dissolved', picks: SHORT, qualifiers: [] },
  dissolve: { label: 'How long', placeholder: 'until dissolved', picks: SHORT, qualifiers: [] },
  shake: { label: 'How long', placeholder: '30 s', picks: SHORT, qualifiers: [] },
  strain: {
    label: 'Through',
    placeholder: 'mesh',
    picks: ['drain', 'mesh', 'cloth', 'press', 'mill', 'fine filter'],
    qualifiers: ['gently'],
  },
  rinsePass: {
    label: 'With how much water',
    placeholder: '300 mL water',
    picks: ['200 mL water', '300 mL water', '500 mL water'],
    qualifiers: ['rinseThrough'],
  },
  remove: { label: 'What', placeholder: 'solids', picks: ['solids'], qualifiers: [] },
  skim: { label: 'How much', placeholder: 'a little', picks: [], qualifiers: [] },
  draw: { label: 'How much', placeholder: '200 mL', picks: ['half', '200 mL', '250 mL', '500 mL'], qualifiers: ['as'] },
  cool: {
    label: 'To',
    placeholder: 'to 40 °C',
    picks: ['to 40 °C', 'to 25 °C', 'to room'],
    qualifiers: ['coolIn'],
  },
  chill: { label: 'To', placeholder: 'to 5 °C', picks: ['to 8 °C', 'to 5 °C'], qualifiers: ['coolIn'] },
  bottle: {
    label: 'How many of what size',
    placeholder: '2 x 750 mL glass bottle',
    picks: [],
    qualifiers: ['headspace'],
  },
  process: {
    label: 'How long',
    placeholder: '10 min',
    picks: ['10 min', '15 min', '20 min'],
    qualifiers: ['altitude'],
  },
  store: {
    label: 'Where',
    placeholder: 'fridge',
    picks: ['fridge', 'cool room', 'cupboard', 'freezer'],
    qualifiers: [],
  },
};
