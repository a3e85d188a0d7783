import { SERVED } from './recipe';

/** By these a line is known: a story, a promise, a thing of the list, something that is done. */
export const TELLER = /^(?:i|we)\b/i;
export const OF_THEIRS = /^(?:my|our)\b/i;
/** Figures that a recipe says of itself. */
export const PROMISES =
  /^(?:per serving|calories|energy|nutrition)\b|\b(?:gives|has|contains) (?:you )?(?:a |about |around )?(?:full )?\d|\d+ ?(?:mg|g|kcal)\b[^.]*\b(?:in|per) (?:each|every|one|a|per) (?:scoop|glass|serving|cup|bottle|spoon|dose)\b/i;

export const BEGINS_WITH_AMOUNT = /^(?:[\d½⅓⅔¼¾⅛]|(?:a|an|half|one|two|three|four|five|six|juice|peel|zest|skin)\b)/i;
/** "500 g of something": an amount of whatever it is. */
export const AMOUNT_OF_ANYTHING =
  /^[\d½⅓⅔¼¾⅛][\d½⅓⅔¼¾⅛.,/ -]*(?:g|kg|mg|ml|cl|l|oz|lb|tsp|tbsp|cups?|teaspoons?|tablespoons?)\b\.?\s+\w/i;

/** What a step begins with. */
export const IMPERATIVE =
  /^(?:then |now |next |first,? |also )?(?:put|add|pour|mix|combine|stir|place|tip|drop|throw|set|bring|give|chuck|empty|dissolve|cover|fill|pick|pop|whisk|top|boil|heat|simmer|warm)\b/i;
/** Words with which a thing goes in without being told to. */
export const GOES_IN = /\b(?:go(?:es)? (?:in|into|on)|in goe?s?|on top)\b/i;
/** "When it is cold add the juice": told to be put in, wherever that stands. */
export const PUTS = /^(?:when|once|after|as soon as|if|lastly|finally)\b.*\b(?:add|stir|put|pour|mix)\b/i;
export const STANDS_ON_PURPOSE = /\b(?:infuse|steep|soak|leave|let|macerate|shake|turn|stand)\b/i;

/** How many it is for: a count and what is counted, in a line that does nothing. */
export const COUNTED_SERVINGS = new RegExp(
  `\\b(?:\\d+|two|three|four|five|six|seven|eight|ten|twelve)\\b[^.]{0,24}\\b(?:${SERVED})\\b`,
  'i',
);

/** A line that says for how many it is. */
export const SERVES_LEAD = /^(?:yields?|makes|servings?|serves|portions)\b(?!.*\bstir\b)/i;
export const SERVES_SO_MANY = /\b(?:serves|makes|yield:?) (?:about )?\d/i;

/** What makes up a formula in per cent. */
export const TO_HUNDRED = /^(.+?)\s+(?:q\.? ?s\.?|to make up|up)? ?to 100 ?%$/i;
/** The jar of the recipe is filled. */
export const INTO_JAR = /\b(?:fill (?:a |the )?jar|(?:of|up) (?:a|the) jar)\b/i;
export const JAR_IS = 'the jar is';
export const LARGE_TABLESPOON_UNIT = 'australian tablespoon';

/** Water by any name, where a sentence speaks of it, and what is called so and is none. */
export const WATERS = /^(?:tap |mineral |spring |soaking )?water\b/;
export const WATER = /\bwater\b/;
export const NO_WATERS = /\b(?:wash|coconut|rose|flower) water\b/g;
/** "The peel": a part of one thing of the list. */
export const PART_OF_ONE = /\bthe (peel|zest|juice)\b/;
export const OF_EACH = /\beach\b/i;
/** Things go in; or are only weighed. */
export const PUT_IN = /\b(?:add|stir|put|pour|tip)\b/i;
export const WEIGHED = /^(?:weigh|measure)\b/i;
/** A label with a date is asked for. */
export const DATED = /\b(?:date|label)/i;
