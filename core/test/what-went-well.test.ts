import { LEAST_TRIES, factorsOf, nextTrial, studentWithin, whatWentWell, type TriedBrew } from '@wellhydra/core/trial';
import { standardNormal } from '@wellhydra/core/spread';

const brew = (taste: number, used: Record<string, number>, more: Partial<TriedBrew> = {}): TriedBrew => ({
  taste,
  used,
  got: 1000,
  brix: null,
  pH: null,
  ...more,
});

describe('what could have made a difference', () => {
  it('is amounts a litre of what came, and figures that every brew has', () => {
    const factors = factorsOf([
      brew(3, { honey: 100, ginger: 5 }, { pH: 3 }),
      brew(4, { honey: 200, ginger: 10 }, { pH: 3.2, got: 2000, brix: 12 }),
    ]);
    expect(factors.map(({ key, varied }) => [key, varied])).toEqual([
      ['ginger', false],
      ['honey', false],
      ['pH', true],
    ]);
    expect(factors.find(({ key }) => key === 'honey')!.values).toEqual([100, 100]);
  });

  it('does not count what is weaker only because more came of a batch', () => {
    const [honey] = factorsOf([brew(3, { honey: 100 }), brew(4, { honey: 100 }, { got: 1200 })]);
    expect(honey!.varied).toBe(false);
    expect(honey!.values[1]).toBeCloseTo(83.3, 1);
  });

  it('counts what was left out once as nothing of it', () => {
    expect(factorsOf([brew(3, { mint: 4 }), brew(3, {})])[0]).toMatchObject({
      key: 'mint',
      values: [4, 0],
      varied: true,
    });
  });
});

describe('what the tastings liked', () => {
  const sweeter = [100, 120, 140, 160, 180, 200].map((honey, index) => brew(2 + index * 0.5, { honey, salt: 1 }));

  it('says nothing of fewer than five brews', () => {
    expect(whatWentWell(sweeter.slice(0, LEAST_TRIES - 1))).toBeUndefined();
    expect(whatWentWell(sweeter.slice(0, LEAST_TRIES))).toBeDefined();
  });

  it('is the least-squares line, with its interval about it', () => {
    const { liked, same } = whatWentWell(sweeter)!;
    expect(liked).toHaveLength(1);
    // Half a point for each 20 g.
    expect(liked[0]!.slope).toBeCloseTo(0.025, 9);
    // Sum of squares 7000; the least a taste can be off is 0.25; t of 4 degrees 2.776.
    expect(liked[0]!.high - liked[0]!.slope).toBeCloseTo((2.776 * 0.25) / Math.sqrt(7000), 4);
    expect(liked[0]!.known).toBe('likely');
    expect(same.map(({ key }) => key)).toEqual(['salt']);
  });

  it('is unknown where taste has nothing to do with it, in nineteen of twenty kitchens', () => {
    const normal = standardNormal(7);
    let claimed = 0;
    let sure = 0;
    const kitchens = 3000;
    for (let kitchen = 0; kitchen < kitchens; kitchen += 1) {
      const brews = Array.from({ length: 8 }, () =>
        brew(3 + 0.8 * normal(), { a: 50 + 5 * normal(), b: 20 + 2 * normal(), c: 9 + normal() }),
      );
      const { liked } = whatWentWell(brews)!;
      if (liked.some(({ known }) => known !== 'unknown')) claimed += 1;
      if (liked.some(({ known }) => known === 'likely')) sure += 1;
    }
    // Three looked at, each wrong one time in twenty: about one kitchen in seven "perhaps", and far fewer "likely".
    expect(claimed / kitchens).toBeLessThan(0.2);
    expect(sure / kitchens).toBeLessThan(0.062);
  });
});

describe('the next trial', () => {
  it('goes on where it was liked, one change, and says how much nearer it would be', () => {
    const noisy = [3, 3.4, 3.2, 3.8, 3.7, 4.2].map((taste, index) => brew(taste, { honey: 100 + 10 * index, salt: 1 }));
    const trial = nextTrial(whatWentWell(noisy)!)!;
    expect(trial).toMatchObject({ ingredient: 'honey', times: 1.2, because: 'promising' });
    expect(trial.after!).toBeLessThan(trial.before!);
  });

  it('tries less of what was liked less', () => {
    const salty = [4.5, 4, 3.2, 3, 2].map((taste, index) => brew(taste, { salt: 2 + index }));
    expect(nextTrial(whatWentWell(salty)!)).toMatchObject({ ingredient: 'salt', times: 0.8, because: 'promising' });
  });

  it('begins with what there is most of where nothing ever differed', () => {
    const alike = Array.from({ length: 6 }, () => brew(4, { honey: 200, salt: 1 }));
    const trial = nextTrial(whatWentWell(alike)!);
    expect(trial).toEqual({ ingredient: 'honey', times: 0.8, before: null, after: null, because: 'never-varied' });
  });

  it('is none where nothing went in', () => {
    expect(nextTrial(whatWentWell(Array.from({ length: 5 }, () => brew(3, {})))!)).toBeUndefined();
  });
});

// Source: tables of Student's t, two-sided 5 %, and 5 % over three.
it.each([
  [3, 1, 3.182],
  [4, 1, 2.776],
  [10, 1, 2.228],
  [30, 1, 2.042],
  [6, 3, 3.287],
])('95 %% of Student’s t with %d degrees for %d at once lie within %d', (degrees, count, expected) => {
  expect(Math.abs(studentWithin(degrees, count) / expected - 1)).toBeLessThan(0.005);
});
