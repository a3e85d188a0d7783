/** Facts about people that change what they are advised, as a form asks for them. */
export const FACTS = [
  { code: 'pregnant', about: 'health', words: 'pregnant' },
  { code: 'nursing', about: 'health', words: 'nursing' },
  { code: 'kidneys', about: 'health', words: 'kidney disease' },
  { code: 'heart', about: 'health', words: 'heart failure or heart disease' },
  { code: 'blood-pressure', about: 'health', words: 'high blood pressure' },
  { code: 'diabetes', about: 'health', words: 'diabetes' },
  { code: 'liver', about: 'health', words: 'liver disease or gallstones' },
  { code: 'thyroid', about: 'health', words: 'thyroid disease' },
  { code: 'reflux', about: 'health', words: 'reflux or a slow stomach' },
  { code: 'kidney-stones', about: 'health', words: 'kidney stones' },
  { code: 'iron-overload', about: 'health', words: 'too much iron' },
  { code: 'immune', about: 'health', words: 'a weak or an overactive immune system' },
  { code: 'surgery', about: 'health', words: 'surgery within two weeks' },
  { code: 'ace-inhibitor', about: 'medicine', words: 'blood-pressure tablets: ACE inhibitor or sartan' },
  { code: 'potassium-sparing', about: 'medicine', words: 'potassium-sparing water tablets' },
  { code: 'diuretic', about: 'medicine', words: 'other water tablets' },
  { code: 'pressure-tablets', about: 'medicine', words: 'other blood-pressure tablets' },
  { code: 'trimethoprim', about: 'medicine', words: 'trimethoprim' },
  { code: 'blood-thinner', about: 'medicine', words: 'blood thinners, or aspirin every day' },
  { code: 'insulin', about: 'medicine', words: 'insulin or diabetes tablets' },
  { code: 'thyroid-tablet', about: 'medicine', words: 'thyroid tablets' },
  { code: 'binding-antibiotic', about: 'medicine', words: 'a quinolone or tetracycline antibiotic' },
  { code: 'bisphosphonate', about: 'medicine', words: 'bone tablets (bisphosphonates)' },
  { code: 'no-alcohol-medicine', about: 'medicine', words: 'metronidazole or disulfiram' },
  { code: 'sedative', about: 'medicine', words: 'sedatives or sleeping tablets' },
  { code: 'immune-medicine', about: 'medicine', words: 'medicine against the immune system' },
  { code: 'chloroquine', about: 'medicine', words: 'chloroquine' },
  { code: 'other-medicine', about: 'medicine', words: 'any other medicine, the pill included' },
  { code: 'daisies', about: 'allergy', words: 'daisies, ragweed, chamomile' },
  { code: 'bees', about: 'allergy', words: 'honey and bee products' },
  { code: 'milk', about: 'allergy', words: 'milk' },
  { code: 'egg', about: 'allergy', words: 'egg' },
  { code: 'tree-nuts', about: 'allergy', words: 'tree nuts' },
  { code: 'peanuts', about: 'allergy', words: 'peanuts' },
  { code: 'soya', about: 'allergy', words: 'soya' },
  { code: 'gluten', about: 'allergy', words: 'gluten' },
  { code: 'celery', about: 'allergy', words: 'celery' },
  { code: 'vegan', about: 'choice', words: 'vegan' },
  { code: 'no-alcohol', about: 'choice', words: 'no alcohol' },
  { code: 'no-caffeine', about: 'choice', words: 'no caffeine' },
] as const;

export type FactCode = (typeof FACTS)[number]['code'];
/** What a fact is about: it decides where a form asks for it. */
export type FactAbout = (typeof FACTS)[number]['about'];

export const FACT_CODES = FACTS.map(({ code }) => code);
/** Medicines of every group. */
export const MEDICINES = FACTS.filter(({ about }) => about === 'medicine').map(({ code }) => code);
