import type { Page } from '@playwright/test';

/** Every address there is, and something that only stands there. */
export async function addresses(page: Page): Promise<readonly (readonly [string, string])[]> {
  const { drinks } = await (await page.request.get('/api/drinks')).json();
  const { brews } = await (await page.request.get('/api/brews/under-way')).json();
  const { bottles } = await (await page.request.get('/api/bottles')).json();
  const { lots } = await (await page.request.get('/api/stores/lots')).json();
  const logbook = await (await page.request.get('/api/logbook')).json();
  // The two that were made last of one drink, step by step.
  const made = logbook.brews.filter(
    ({ taste, drinkName }: { taste: number | null; drinkName: string }) => taste !== null && /Fogbank/.test(drinkName),
  );
  return [
    ['/today', 'Under way'],
    ['/plan', 'Plan'],
    ['/drinks', 'Drinks'],
    ['/check', 'As it was written'],
    ['/check?title=Quay%20tea&text=1%20L%20water%0Aa%20splash%20of%20vinegar%0AHeat%20to%20170%C2%B0C.', 'As it runs'],
    [`/make/new?drink=${drinks[0].id}`, 'Have these ready'],
    // The oldest brew under way is a steep of weeks.
    [`/make/${brews[0].id}`, 'Infuse 28 days'],
    ['/make/00000000-0000-4000-8000-000000000000', 'No such brew'],
    [`/drinks/${drinks[0].id}`, 'In each'],
    ['/shelf', 'Shelf'],
    ['/stores', 'Stores'],
    ['/stores/measures', 'Worth weighing'],
    [`/stores/${lots[0].id}`, 'Where it has gone'],
    ['/logbook', 'Logbook'],
    [`/logbook/${logbook.brews[0].id}`, 'Tasted'],
    [`/logbook/compare?brew=${made[1].id}&with=${made[0].id}`, made[1].drinkName],
    [`/bottles/${bottles[0].id}`, bottles[0].drinkName],
    ['/kitchen', 'Skerry Light'],
    ['/words?word=ph', 'Water activity'],
    ['/practice', 'How you do'],
    ['/no/such/place', 'Nothing here'],
    ['/drinks/00000000-0000-4000-8000-000000000000', 'No such drink'],
    ['/bottles/00000000-0000-4000-8000-000000000000', 'No such bottle'],
    ['/stores/00000000-0000-4000-8000-000000000000', 'No such lot'],
    ['/logbook/00000000-0000-4000-8000-000000000000', 'No such brew'],
  ];
}
