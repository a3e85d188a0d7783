import { gramsOf, warnsOf } from '../drink-facts';
import { MEDICINES } from '../../household';
import { is } from '../../household';
import type { PersonRule } from '../person-rule';

/** Minerals that hold a medicine back in the gut. */
const BINDING = [
  'magnesium-bisglycinate',
  'magnesium-citrate',
  'magnesium-citrate-nonahydrate',
  'magnesium-hydrogen-citrate',
  'magnesium-chloride',
  'magnesium-sulfate',
  'magnesium-malate',
  'magnesium-carbonate',
  'calcium-lactate',
  'calcium-chloride',
  'calcium-carbonate',
  'calcium-citrate',
  'baking-soda',
  'potassium-bicarbonate',
] as const;

/** What does not go together with medicines, by their groups. */
export const MEDICINE_RULES: readonly PersonRule[] = [
  {
    code: 'grapefruit-medicine',
    severity: 'stop',
    what: 'grapefruit kin and medicines',
    about: (person) => is(person, ...MEDICINES),
    fires: (facts) => warnsOf(facts, 'grapefruit-medicines'),
    text: () =>
      'Grapefruit, pomelo, tangelo and bitter orange can make some medicines far stronger for a day or more. Another fruit, unless a pharmacist has said it is fine.',
    source: 'US FDA consumer guidance',
  },
  {
    code: 'st-johns-wort-medicine',
    severity: 'stop',
    what: "St John's wort and medicines",
    about: (person) => is(person, ...MEDICINES),
    fires: (facts) => warnsOf(facts, 'medicine-clash'),
    text: () => "St John's wort weakens or clashes with many medicines, the pill included. Do not combine.",
    source: 'US FDA; NCCIH',
  },
  {
    code: 'minerals-apart',
    severity: 'note',
    what: 'minerals and this medicine',
    about: (person) => is(person, 'thyroid-tablet', 'binding-antibiotic', 'bisphosphonate'),
    fires: (facts) => gramsOf(facts, ...BINDING) > 0,
    text: () => 'Minerals can stop this medicine from being taken up. Take them at least four hours apart.',
    source: 'Medicine labels',
  },
  {
    code: 'bleeding',
    severity: 'warn',
    what: 'strong roots and bleeding',
    about: (person) => is(person, 'blood-thinner', 'surgery'),
    fires: (facts) => warnsOf(facts, 'bleeding-medicines'),
    text: () => 'Strong doses with blood thinners, or in the two weeks before surgery, can add to bleeding. Ask first.',
    source: 'NCCIH fact sheets',
  },
  {
    code: 'alcohol-medicine',
    severity: 'stop',
    what: 'alcohol with this medicine',
    about: (person) => is(person, 'no-alcohol-medicine'),
    fires: (facts) => warnsOf(facts, 'alcohol-tincture'),
    text: () => 'Metronidazole and disulfiram do not go with any alcohol. Use a water or glycerine extract instead.',
    source: 'Medicine labels',
  },
  {
    code: 'hibiscus-pressure',
    severity: 'note',
    what: 'hibiscus',
    about: (person) => is(person, 'ace-inhibitor', 'pressure-tablets', 'diuretic', 'potassium-sparing', 'chloroquine'),
    fires: (facts) => gramsOf(facts, 'hibiscus-dried') > 0.5 || gramsOf(facts, 'hibiscus-fresh') > 3,
    text: () => 'Hibiscus can lower blood pressure a little, on top of tablets. Mention it to whoever prescribes them.',
    source: 'Small clinical trials',
  },
];
