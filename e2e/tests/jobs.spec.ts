import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import { asWritten } from '../brewing';
import { fromMenu, newDrink, openerOf, register, saved, typeSteps } from '../cook';

const ROOT = new URL('../..', import.meta.url).pathname;
const JOBS = join(ROOT, 'examples/jobs');

type StepFile = Readonly<Record<string, string | boolean>>;
interface DrinkFile {
  readonly name: string;
  readonly kind: string;
  readonly serving: string;
  readonly steps: readonly StepFile[];
  readonly atServing?: readonly StepFile[];
  readonly preparations?: Readonly<Record<string, DrinkFile>>;
}

/** What a person calls the kinds. */
const KINDS: Readonly<Record<string, string>> = {
  'infused-water': 'Infused water',
  'vinegar-honey': 'Vinegar and honey',
  'dry-mix': 'Dry mix',
  sport: 'Sports drink',
};
const kindName = (kind: string): string => KINDS[kind] ?? kind[0]!.toUpperCase() + kind.slice(1);

/** How a person would say what else a step has. */
const CLAUSES: Readonly<Record<string, (value: string) => string>> = {
  lid: (value) => `lid ${value}`,
  pot: (value) => `in ${value}`,
  in: (value) => `in ${value}`,
  as: (value) => `as ${value}`,
  for: (value) => `for ${value}`,
  at: (value) => (value === 'off heat' ? value : `in the ${value}`),
  altitude: (value) => `at ${value}`,
  method: (value) => `in a ${value}`,
  headspace: (value) => `${value} headspace`,
  loadLimit: (value) => `in loads of ${value}`,
  strain: (value) => `strain ${value}`,
  keepLiquid: () => 'keep the liquid',
  gently: () => 'gently',
};

function lineOf(step: StepFile): string {
  const [[verb, text] = ['', ''], ...others] = Object.entries(step);
  const head = verb === 'add' ? text : `${verb === 'rinsePass' ? 'rinse with' : verb} ${text}`.trim();
  return [head, ...others.flatMap(([name, value]) => CLAUSES[name]?.(String(value)) ?? [])].join(', ');
}

/** A drink from an empty sheet, with what is on the screen alone. */
async function makeUp(page: Page, drink: DrinkFile): Promise<void> {
  await page.goto('/drinks');
  await newDrink(page, kindName(drink.kind), drink.name, true);
  await fromMenu(page, 'Size and kind');
  await page.getByLabel('Serving').fill(drink.serving);
  await page.getByRole('button', { name: 'Close' }).click();
  await typeSteps(page, drink.steps.map(lineOf));
  for (const step of drink.atServing ?? []) {
    await typeSteps(page, [lineOf(step)]);
    // A step begins in the batch; those that are in the glass already stand in a list of their own below it.
    await openerOf(page.getByRole('list', { name: 'Steps' }).getByRole('listitem').last()).click();
    await page.getByRole('button', { name: 'More about this step' }).click();
    const glass = page.getByRole('checkbox', { name: /^Into each glass/ });
    await glass.click();
    await expect(glass).toBeChecked();
    await page.getByRole('button', { name: 'Done' }).last().click();
  }
  const inGlass = page.getByRole('list', { name: 'Into each glass' }).getByRole('listitem');
  await expect(inGlass).toHaveCount(drink.atServing?.length ?? 0);
  await saved(page);
}

/** What the drink comes to by the command that runs drink files. */
function servingsByCommand(file: string): number {
  const out = execFileSync(process.execPath, [join(ROOT, 'cli/bin/wellhydra.mjs'), 'analyse', join(JOBS, file)]);
  return (JSON.parse(out.toString()) as { yield: { servings: number } }).yield.servings;
}

/** Every step on its page, and every look between, until its bottles stand on the shelf. */
async function makeToTheEnd(page: Page, { name, steps }: DrinkFile): Promise<void> {
  await page.getByRole('button', { name: 'Make it' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  const marks = page.getByRole('navigation', { name: 'Steps of this brew' }).getByRole('button');
  await expect.poll(() => marks.count()).toBeGreaterThanOrEqual(steps.length);
  const count = await marks.count();
  for (let step = 1; step <= count; step += 1) {
    await expect(page.getByText(`step ${step} of ${count}`)).toBeVisible();
    await page.locator('body').press('Enter');
    await asWritten(page);
  }
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Fill the bottles');
  const rest = page.getByRole('radio', { name: /now$/ });
  if (await rest.isVisible()) await rest.click();
  await page.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  await expect(page.getByText(name).first()).toBeVisible();
}

for (const file of readdirSync(JOBS).sort())
  test(`from an empty sheet to the bottles: ${file.slice(3, -5).replaceAll('-', ' ')}`, async ({ page }) => {
    const drink = JSON.parse(readFileSync(join(JOBS, file), 'utf8')) as DrinkFile;
    await register(page, 'Ines');
    for (const preparation of Object.values(drink.preparations ?? {})) await makeUp(page, preparation);
    await makeUp(page, drink);
    await expect(page.getByRole('listitem')).toHaveCount(drink.steps.length + (drink.atServing?.length ?? 0));
    // What would be worth weighing is asked below the steps, and is no question about them.
    await expect(page.getByRole('list', { name: 'Steps' }).getByText(/was not understood|Choose|How much/)).toHaveCount(
      0,
    );
    const expected = servingsByCommand(file);
    // Shown are servings that can be poured: rounded down, to tenths below ten.
    const step = expected >= 10 ? 1 : 0.1;
    await expect
      .poll(async () => {
        const text = await page.getByText(/→/).first().textContent();
        const shown = Number(/→\s*([\d.]+)/.exec(text!.replaceAll(',', ''))?.[1]);
        return shown <= expected * 1.001 && shown >= Math.floor(expected / step + 1e-6) * step - 0.1;
      })
      .toBe(true);
    await makeToTheEnd(page, drink);
  });
