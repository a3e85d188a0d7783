/** A bottle's colour, by what kind of drink is in it; colour is never the only sign. */
const COLOURS: Readonly<Record<string, string>> = {
  'infused-water': '#C9DD9A',
  juice: '#E8963A',
  tea: '#B06A3B',
  tonic: '#C48B3B',
  syrup: '#A9B83C',
  'vinegar-honey': '#C0752B',
  concentrate: '#8C2F4B',
  gel: '#A7C4A0',
  'dry-mix': '#DAE5EC',
  rehydration: '#BFE1E3',
  sport: '#9CCBE0',
  'daily-hydration': '#D5E8DC',
};

export const drinkColour = (kind: string): string => COLOURS[kind] ?? '#BFE1E3';
