import {
  AMOUNT_OF_ANYTHING,
  BATCH_SIZE,
  BEGINS_WITH_AMOUNT,
  BY_THE_WAY,
  CLAIMS,
  COUNTED_SERVINGS,
  EVERYTHING,
  FOR_ONE,
  FURNITURE,
  GOES_IN,
  IMPERATIVE,
  KEEPS,
  MADE_READY,
  OF_THEIRS,
  PROMISES,
  PUTS,
  SERVES,
  SERVES_LEAD,
  SERVES_SO_MANY,
  SERVING_LEAD,
  STANDS_ON_PURPOSE,
  STORY,
  TELLER,
  TELLING,
  type Reading,
} from '../read';
import { daysIn } from './claims';
import type { Section } from './headings';

export type LineRole = 'title' | 'ingredient' | 'step' | 'serves' | 'keeps' | 'claim' | 'heading' | 'chatter';

/** An ingredient is told in so many letters at most. */
const LONGEST_INGREDIENT = 80;
/** So short a line that begins with an amount is one, whatever is done to it beforehand. */
const SHORT_INGREDIENT = 60;
/** Under its heading it may be told in more. */
const LONGEST_UNDER_HEADING = 160;

const isStory = (text: string): boolean =>
  text
    .toLowerCase()
    .split(/[^a-z']+/)
    .some((word) => STORY.has(word));

/** What is done to a thing of a list before it goes in. */
const READY = new Set(['add', 'use', 'wash', 'soak', 'mash', 'freeze']);
const measured = ({ reads }: Reading) =>
  reads.filter(({ verb, grams, relative }) => verb === 'use' || grams !== null || relative !== null);

/** What a line of a list is: additions with an amount, and nothing done. */
export function isListed(reading: Reading, text: string, longest = LONGEST_INGREDIENT): boolean {
  const { reads } = reading;
  const [first] = reads;
  if (!first || measured(reading).length === 0) return false;
  const begins = BEGINS_WITH_AMOUNT.test(text);
  if (
    (begins || (!IMPERATIVE.test(text) && first.grams !== null && reads.every(({ verb }) => READY.has(verb)))) &&
    text.length <= SHORT_INGREDIENT &&
    (first.verb === 'add' || first.verb === 'use') &&
    !/[.]\s*$/.test(text)
  )
    return true;
  if (reads.some(({ verb }) => verb !== 'add' && verb !== 'use')) return false;
  return text.length <= longest || measured(reading).length > 1;
}

/** What is said of a drink that stands. */
const KEPT = new Set(['store', 'infuse', 'rest', 'chill', 'steep']);

/** What a line is, by its words and by where it stands. */
export function roleOf(text: string, reading: Reading, section: Section): LineRole {
  const { reads, steps } = reading;
  if (section === 'other') return 'chatter';
  if (SERVES_LEAD.test(text) || (SERVES_SO_MANY.test(text) && steps.length === 0)) return 'serves';
  if (FURNITURE.test(text) || /^["“].*["”]$/.test(text)) return 'chatter';
  const longest = section === 'ingredients' ? LONGEST_UNDER_HEADING : LONGEST_INGREDIENT;
  const listed = isListed(reading, text, longest) && (section === 'ingredients' || !BY_THE_WAY.test(text));
  const acts = reads.some(({ verb }) => verb !== 'add' && verb !== 'use' && verb !== 'store');
  if (TELLING.test(text) || FOR_ONE.test(text)) return 'chatter';
  const days = KEEPS.test(text) && !STANDS_ON_PURPOSE.test(text) ? daysIn(text) : null;
  const stands = reads.every(({ verb }) => KEPT.has(verb));
  if (days !== null && stands) return 'keeps';
  if (BATCH_SIZE.test(text) && !BEGINS_WITH_AMOUNT.test(text) && !IMPERATIVE.test(text)) return 'serves';
  // Whoever tells of themselves and says no figure tells a story.
  if (TELLER.test(text) && !reads.some(({ grams, minutes }) => grams !== null || minutes !== null)) return 'chatter';
  if (CLAIMS.test(text) && PROMISES.test(text)) return 'claim';
  if (SERVING_LEAD.test(text)) return measured(reading).length > 0 ? 'step' : SERVES.test(text) ? 'serves' : 'chatter';
  if (OF_THEIRS.test(text) && measured(reading).length === 0) return 'chatter';
  if (CLAIMS.test(text) && (PROMISES.test(text) || (!acts && !listed))) return 'claim';
  const told = IMPERATIVE.test(text) || (MADE_READY.test(text) && /[.]\s*$/.test(text)) || PUTS.test(text);
  if (listed && section !== 'method' && !told) return 'ingredient';
  if (SERVES.test(text) && COUNTED_SERVINGS.test(text) && !listed && !acts) return 'serves';
  if (isStory(text) && !acts && measured(reading).length === 0) return 'chatter';
  // "200 g mixed berries": nobody knows which, and it is in the list all the same.
  const listable = section === 'ingredients' || (section === 'none' && steps.length === 0);
  if (listable && AMOUNT_OF_ANYTHING.test(text) && text.length <= SHORT_INGREDIENT) return 'ingredient';
  if (BY_THE_WAY.test(text) && !acts) return 'chatter';
  if (steps.length === 0 && EVERYTHING.test(text) && IMPERATIVE.test(text)) return 'step';
  if (steps.length === 0) return MADE_READY.test(text) && section === 'method' ? 'step' : 'chatter';
  if (acts || told || GOES_IN.test(text)) return 'step';
  if (measured(reading).length > 0) return section === 'ingredients' || section === 'none' ? 'ingredient' : 'step';
  return section === 'ingredients' && reading.confidence > 0.5 ? 'ingredient' : 'chatter';
}
