import { brewState, runBrew, type BrewEvent } from '../src/brew';
import {
  FLAG_QUALIFIERS,
  TEXT_QUALIFIERS,
  VERBS,
  VERB_GROUPS,
  VERB_TABLE,
  lineFromStep,
  stepFromLine,
  withMinutes,
  writtenTime,
  type DrinkStep,
  type Verb,
} from '../src/drink';
import { sentenceStep, stepSentence } from '../src/formats';

describe('the table of verbs', () => {
  test('every group offers something, and no two verbs are called the same', () => {
    for (const group of VERB_GROUPS)
      expect([group, VERBS.some((verb) => VERB_TABLE[verb].group === group)]).toEqual([group, true]);
    const labels = VERBS.map((verb) => VERB_TABLE[verb].label);
    expect(new Set(labels).size).toBe(VERBS.length);
  });

  /** Facts of the trade, not of the code: what a cook would say of each. */
  test.each([
    ['needs the stove', ({ stove }) => stove !== 'none', 'boil heat reduce simmer'],
    ['cooks on it', ({ stove }) => stove === 'cooks', 'boil reduce simmer'],
    ['its time is written', ({ time }) => time === 'value', 'boil freeze infuse process rest simmer soak steep'],
    ['its time is found', ({ time }) => time === 'found', 'chill cool heat reduce'],
    ['nobody has to be near', ({ attention }) => attention === 'free', 'chill cool freeze infuse rest soak steep wash'],
    ['somebody stays near', ({ attention }) => attention === 'near', 'boil heat process reduce simmer'],
    ['leaves the contents alone', ({ changesContents }) => !changesContents, 'bottle process store wash'],
    ['the drink leaves its pot', ({ pot }) => pot === 'left', 'bottle carbonate chill freeze infuse process store'],
    ['too late to taste', ({ putsAway }) => putsAway, 'bottle process store'],
    ['holds something back', ({ holdsBack }) => holdsBack, 'draw mill press remove rinsePass skim strain'],
    ['can be tasted', ({ tasted }) => tasted, 'add carbonate dissolve rinsePass shake stir use'],
  ] as const satisfies readonly (readonly [string, (row: (typeof VERB_TABLE)[Verb]) => boolean, string])[])(
    '%s',
    (_what, of, verbs) =>
      expect(
        VERBS.filter((verb) => of(VERB_TABLE[verb]))
          .sort((a, b) => a.localeCompare(b, 'en'))
          .join(' '),
      ).toBe(verbs),
  );

  test.each(VERBS)('%s is written as a line and as a sentence, and read from both', (verb) => {
    const { picks, placeholder } = VERB_TABLE[verb].value;
    const step: DrinkStep = { verb, text: picks[0] ?? placeholder };
    expect(stepFromLine(lineFromStep(step))).toEqual(step);
    expect(sentenceStep(stepSentence(step))?.verb).toBe(verb);
  });

  test.each(VERBS)('what %s takes is said by a qualifier of the format', (verb) => {
    const names: readonly string[] = [...TEXT_QUALIFIERS, ...FLAG_QUALIFIERS];
    const plain = (clause: string) =>
      ({ coolIn: 'in', soakIn: 'in', washIn: 'in', washFor: 'for', rinseThrough: 'strain' })[clause] ?? clause;
    for (const clause of VERB_TABLE[verb].takes) expect(names).toContain(plain(clause));
  });

  test.each([
    [{ verb: 'simmer', text: '40 min' }, '40 min', { verb: 'simmer', text: '12 min' }],
    [{ verb: 'process', text: '10 min' }, '10 min', { verb: 'process', text: '12 min' }],
    [{ verb: 'wash', text: 'berries', for: '2 min' }, '2 min', { verb: 'wash', text: 'berries', for: '12 min' }],
    [{ verb: 'reduce', text: 'to half' }, '', { verb: 'reduce', text: 'to half' }],
    [{ verb: 'add', text: '1 L water' }, '', { verb: 'add', text: '1 L water' }],
  ] as readonly (readonly [DrinkStep, string, DrinkStep])[])('minutes of %j', (step, written, after) => {
    expect(writtenTime(step)).toBe(written);
    expect(withMinutes(step, 12)).toEqual(after);
  });
});

test('minutes read in the water bath are the minutes the jars had', () => {
  const lines = ['1 kg white sugar', '600 mL lemon juice', 'simmer 10 min', 'bottle 4 x 250 mL jar', 'process 10 min'];
  const steps = lines.map((line, index) => ({ id: `s${index}`, ...stepFromLine(line) }));
  const recipe = {
    document: { name: 'Jars', kind: 'syrup', serving: '15 mL', target: null, steps },
    preparations: {},
    options: {},
  } as const;
  const read: BrewEvent = {
    id: 'r',
    at: '2026-03-01T08:00:00Z',
    kind: 'reading',
    step: 's4',
    quantity: 'minutes',
    value: 1,
  };
  const processed = (events: readonly BrewEvent[]) =>
    runBrew(recipe, brewState(events)).analysis.trace.entries.find(({ verb }) => verb === 'process')?.processed
      ?.minutes;
  expect([processed([]), processed([read])]).toEqual([10, 1]);
});
