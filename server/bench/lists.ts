import type { BottlePage, DrunkPage } from '@wellhydra/contract';
import { doseStandings, runOut, type SpoonPlan } from '@wellhydra/core/household';
import { PLAIN, ROUNDS, ask, latency, median, print, type Ask } from './asking';
import type { FilledKitchen } from './filled-kitchen';

/** A page of each list of a big kitchen against one of a small one, and a kitchen for a visitor. */

const VISITORS = 40;
const WEEK_ms = 7 * 86_400_000;

/** What is asked of a kitchen at an address. */
type Work = (kitchen: FilledKitchen, base: string) => Ask;

/** When what is left of a drink runs out for somebody who takes it for days, as a device reckons it: shelf, week, doses. */
function runOutDates(shelf: Work, week: Work): Work {
  return (kitchen, base) => async (client) => {
    const [answer, had] = [await shelf(kitchen, base)(client), await week(kitchen, base)(client)];
    const { bottles } = (await answer.clone().json()) as BottlePage;
    const { pours } = (await had.json()) as DrunkPage;
    const plan: SpoonPlan = {
      people: { [kitchen.person]: true },
      drinkId: bottles[0]!.drinkId,
      amount_mL: 5,
      begins: new Date(Date.now() - WEEK_ms).toISOString(),
      phases: [{ days: 28, timesADay: 3 }],
      from_min: 8 * 60,
      to_min: 20 * 60,
      skipped: {},
      ended: null,
    };
    const [left_mL, now] = [bottles.reduce((sum, { remaining_mL }) => sum + remaining_mL, 0), new Date()];
    const taken = pours.filter(({ drinkId }) => drinkId === plan.drinkId).map(({ pouredAt }) => new Date(pouredAt));
    const ahead = doseStandings(plan, kitchen.person, taken, now).filter(({ is }) => is === 'ahead' || is === 'due');
    runOut(
      left_mL,
      ahead.map(({ at }) => ({ at, volume_mL: plan.amount_mL })),
    );
    return answer;
  };
}

export async function benchLists(small: FilledKitchen, big: FilledKitchen, at: { small: string; big: string }) {
  print('\nA page of a list, median of requests one after the other, ms');
  const since = new Date(Date.now() - WEEK_ms).toISOString();
  const lists: Readonly<Record<string, (kitchen: FilledKitchen) => string>> = {
    drinks: () => '/api/drinks',
    brews: () => '/api/brews',
    'under way': () => '/api/brews/under-way',
    // The small kitchen has 51 bottles that are not empty: a page is as long in both.
    shelf: () => '/api/bottles?limit=50',
    'pours of a bottle': ({ bottle }) => `/api/bottles/${bottle}/pours`,
    'a person’s week': ({ person }) => `/api/people/pours?limit=500&since=${since}&personId=${person}`,
    logbook: () => '/api/logbook?limit=50',
    'logbook by taste': () => '/api/logbook?limit=50&sort=taste',
    'its charts': () => '/api/logbook/charts',
    'everybody’s week': () => `/api/people/pours?limit=500&since=${since}`,
  };
  const fetched =
    (url: (kitchen: FilledKitchen) => string): Work =>
    (kitchen, base) =>
    () =>
      fetch(`${base}${url(kitchen)}`, { headers: { ...PLAIN, cookie: kitchen.cookie } });
  const works: Readonly<Record<string, Work>> = {
    ...Object.fromEntries(Object.entries(lists).map(([list, url]) => [list, fetched(url)])),
    'run-out dates': runOutDates(fetched(lists['shelf']!), fetched(lists['a person’s week']!)),
  };
  for (const [list, work] of Object.entries(works)) {
    const [ofSmall, ofBig] = [work(small, at.small), work(big, at.big)];
    await latency(ofSmall);
    await latency(ofBig);
    const pairs = [];
    for (let round = 0; round < ROUNDS; round += 1) pairs.push([await latency(ofSmall), await latency(ofBig)] as const);
    const [few, many] = [median(pairs.map(([each]) => each)), median(pairs.map(([, each]) => each))];
    print(`  ${list.padEnd(22)} ${few.toFixed(2)} → ${many.toFixed(2)}  × ${(many / few).toFixed(2)}`);
  }
}

/** A kitchen of their own for a visitor of the demo, from the request to the answer, in a database of its own. */
export async function benchVisitors(base: string): Promise<void> {
  const visit: Ask = () => fetch(`${base}/api/accounts/demo`, { method: 'POST', headers: PLAIN });
  await ask(visit);
  print(`\nA visitor's kitchen, median of ${VISITORS}: ${(await latency(visit, VISITORS)).toFixed(0)} ms`);
}
