import { DRINK_KINDS, type DrinkKind } from '@wellhydra/core/drink';
import { KIND_NAMES } from './kinds';

interface WordRow {
  /** What somebody says of what they have in mind. */
  readonly says: RegExp;
  /** Kinds of drinks that people make then, the likeliest first; none of them is a cure. */
  readonly kinds: readonly DrinkKind[];
}

const ROWS: readonly WordRow[] = [
  { says: /\bthroat|hoarse|\bcough|\bvoice/, kinds: ['tea', 'syrup', 'vinegar-honey'] },
  { says: /\bcold\b(?! water)|\bflu\b|sniffl|\bwinter|\bwarming|\bnight watch/, kinds: ['tonic', 'tea', 'syrup'] },
  { says: /\bhot\b|\bheat\b|\bsummer|\bthirst|\bgarden/, kinds: ['daily-hydration', 'infused-water', 'concentrate'] },
  {
    says: /\brun(?:ning|s)?\b|\brid(?:e|ing)\b|\btrain|\bsweat|\bmatch\b|\brace\b|\bsport|\bclimb|\bhik/,
    kinds: ['sport', 'daily-hydration', 'dry-mix'],
  },
  { says: /\bsick|\bill\b|diarrh|vomit|\bstomach|\bbug\b|\bfever/, kinds: ['rehydration'] },
  { says: /\bevening|\bsleep|\bbed\b|\bcalm/, kinds: ['tea', 'tonic'] },
  { says: /\bmorning|\bbreakfast/, kinds: ['juice', 'infused-water', 'gel'] },
  { says: /\bkeep|\bjars?\b|\bgift|\bpantry|\bpresent\b/, kinds: ['syrup', 'vinegar-honey', 'dry-mix'] },
  { says: /fizz|sparkl|\bparty|\bguests?\b|\bsoda/, kinds: ['concentrate', 'infused-water'] },
  { says: /\bpowder|\btravel|\bsachet|\bcarry|\bpack\b/, kinds: ['dry-mix'] },
  { says: /\bthick|\bchia|\bflax|\bspoonable/, kinds: ['gel'] },
  { says: /\bchild|\bkids?\b|\bschool/, kinds: ['infused-water', 'juice', 'concentrate'] },
  {
    says: /\bherb|\broots?\b|\bleaf|\bleaves|\bbark\b|\bflowers?\b|\bginger|\bmint\b/,
    kinds: ['tea', 'tonic', 'infused-water'],
  },
  { says: /\bberr|\bhips?\b|\belder/, kinds: ['tonic', 'syrup', 'juice'] },
  { says: /\borange|\bapple|\bfruit|\blemon|\blime/, kinds: ['juice', 'infused-water', 'concentrate'] },
  { says: /electrolyte|\bsalt|\bmineral|magnesium|potassium/, kinds: ['daily-hydration', 'sport', 'dry-mix'] },
  { says: /\bvinegar|\bsour\b/, kinds: ['vinegar-honey', 'concentrate'] },
  { says: /\bhoney|\bsweet/, kinds: ['syrup', 'vinegar-honey'] },
];

/** Kinds of drinks that somebody who says these words may have in mind, the likeliest first; none where none is known. */
export function kindsFor(words: string): readonly DrinkKind[] {
  const said = words.toLowerCase();
  const named = DRINK_KINDS.filter((kind) => said.includes(KIND_NAMES[kind].toLowerCase()));
  return [...new Set([...named, ...ROWS.flatMap(({ says, kinds }) => (says.test(said) ? kinds : []))])];
}
