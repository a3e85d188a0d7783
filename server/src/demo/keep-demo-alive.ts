import { randomBytes } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import { brewState, runBrew, type BrewEvent } from '@wellhydra/core/brew';
import type { DrinkDocument } from '@wellhydra/core/drink';
import { Op } from 'sequelize';
import { newInvitations } from '../kitchen/invitation';
import type { Role } from '@wellhydra/contract';
import type { SignedIn } from '../accounts/session-store';
import { pourFromBottle } from '../bottles/pour-service';
import type { BrewContext } from '../brews/brew-context';
import { finishRun, postRunEvents, startRun } from '../brews/brew-run-service';
import { recordBrew } from '../brews/brew-service';
import { saveDrinkRecord } from '../drinks/drink-service';
import { savePeople, saveSettings } from '../kitchen/kitchen-documents-store';
import { noteTasting } from '../logbook/logbook-service';
import { saveLotAs } from '../stores/lot-service';
import { DEMO_BREWS } from './demo-brews';
import { demoLots } from './demo-lots';
import { demoHousehold, personId } from './demo-people';
import { DEMO_SETTINGS } from './demo-settings';
import { DEMO_HABITS, DEMO_MADE, DEMO_RUNS } from './demo-runs';
import { DEMO_DRINKS } from './demo-drinks';
import { DEMO_KITCHEN, DEMO_MEMBERS, demoId } from './demo-kitchen';
import { dayOf, moveDemoDates } from './move-demo-dates';

const HOUR_ms = 3_600_000;
async function removeHalfMade({ models }: BrewContext): Promise<void> {
  await models.kitchens.destroy({ where: { id: demoId('kitchen') } });
  await models.accounts.destroy({ where: { id: DEMO_MEMBERS.map(({ email }) => demoId(email)) } });
}

/** The first of them owns it. */
const roleOf = (index: number): Role => (index === 0 ? 'owner' : 'maker');

async function createKitchen({ sequelize, models }: BrewContext): Promise<readonly SignedIn[]> {
  const kitchenId = demoId('kitchen');
  // Nobody signs in to the demo with a password; it is opened with one tap.
  const passwordHash = await hash(randomBytes(24).toString('hex'));
  await sequelize.transaction(async (transaction) => {
    await models.kitchens.create(
      { id: kitchenId, name: DEMO_KITCHEN, ...newInvitations(), demoDay: null, unplugged: [] },
      { transaction },
    );
    for (const [index, { name, email }] of DEMO_MEMBERS.entries()) {
      await models.accounts.create({ id: demoId(email), name, email, passwordHash }, { transaction });
      const role = roleOf(index);
      await models.members.create({ kitchenId, accountId: demoId(email), role }, { transaction });
    }
  });
  return DEMO_SIGNED_IN;
}

/** The members of the demo, as they do things in it. */
const DEMO_SIGNED_IN: readonly SignedIn[] = DEMO_MEMBERS.map(({ name, email }, index) => ({
  accountId: demoId(email),
  accountName: name,
  email,
  kitchenId: demoId('kitchen'),
  kitchenName: DEMO_KITCHEN,
  demo: true,
  role: roleOf(index),
  personId: null,
  peopleKey: null,
}));

async function createDrinks(context: BrewContext, members: readonly SignedIn[]): Promise<void> {
  for (const [name, versions] of Object.entries(DEMO_DRINKS))
    for (const [index, document] of versions.entries())
      await saveDrinkRecord(context, members[index % members.length] as SignedIn, demoId(name), {
        expectedRevision: index,
        document,
      });
}

async function createBrews(context: BrewContext, members: readonly SignedIn[], now: Date): Promise<void> {
  const cook = members[0] as SignedIn;
  for (const [index, brew] of DEMO_BREWS.entries()) {
    const madeAt = new Date(now.getTime() - brew.hoursAgo * HOUR_ms);
    const bottles = brew.bottles.map(({ volume_mL, place, shape, size_mL }, place_) => ({
      id: demoId(`bottle-${index}-${place_}`),
      volume_mL,
      place,
      vessel: { name: '', shape, size_mL, dark: false },
    }));
    const drinkRevision = DEMO_DRINKS[brew.drink]?.length as number;
    await recordBrew(context, cook, demoId(`brew-${index}`), {
      drinkId: demoId(brew.drink),
      drinkRevision,
      madeAt: madeAt.toISOString(),
      bottles,
    });
    const made = await context.models.brews.findOne({
      where: { kitchenId: demoId('kitchen'), id: demoId(`brew-${index}`) },
    });
    for (const [place, { pours }] of brew.bottles.entries())
      for (const [count, { who, hoursAgo, servings = 1 }] of pours.entries()) {
        const ids = { id: demoId(`bottle-${index}-${place}`), pourId: demoId(`pour-${index}-${place}-${count}`) };
        await pourFromBottle(context, members[(count + index) % members.length] as SignedIn, ids, {
          volume_mL: servings * (made?.servingMl as number),
          pouredAt: new Date(now.getTime() - hoursAgo * HOUR_ms).toISOString(),
          personId: who && personId(who),
        });
      }
  }
}

const minutesAfter = (at: Date, minutes: number): string => new Date(at.getTime() + minutes * MINUTE_ms).toISOString();
const MINUTE_ms = 60_000;

/** A drink with so much honey, where somebody tried that. */
function withHoney(document: DrinkDocument, honey_g: number | undefined): DrinkDocument {
  if (honey_g === undefined) return document;
  const steps = document.steps.map((step) =>
    step.verb === 'add' && / honey$/.test(step.text) ? { ...step, text: `${honey_g} g honey` } : step,
  );
  return { ...document, steps };
}

function demoRecipe(drink: string, honey_g?: number) {
  const document = withHoney(DEMO_DRINKS[drink]?.at(-1) as DrinkDocument, honey_g);
  return { document, preparations: [], settings: DEMO_SETTINGS };
}

/** Brews that are under way, at different stages. */
async function createRuns(context: BrewContext, members: readonly SignedIn[], now: Date): Promise<void> {
  const ago = (hours: number) => new Date(now.getTime() - hours * HOUR_ms);
  for (const [index, run] of DEMO_RUNS.entries()) {
    const id = demoId(`run-${index}`);
    const who = members[index % members.length] as SignedIn;
    const recipe = demoRecipe(run.drink);
    const { steps } = recipe.document;
    await startRun(context, who, id, {
      drinkId: demoId(run.drink),
      drinkRevision: DEMO_DRINKS[run.drink]?.length as number,
      recipe,
      cook: run.cook,
      startedAt: ago(run.hoursAgo).toISOString(),
    });
    const events = run.done.map((hours, step): BrewEvent => ({
      kind: 'step-done',
      id: demoId(`run-${index}-${step}`),
      at: ago(hours).toISOString(),
      step: steps[step]!.id,
    }));
    if (run.timer_h)
      events.push({
        kind: 'timer-started',
        id: demoId(`run-${index}-timer`),
        at: ago(run.done.at(-1)!).toISOString(),
        step: steps[run.done.length]!.id,
        minutes: run.timer_h * 60,
      });
    await postRunEvents(context, who, id, events);
  }
}

/** Steps after which the demo cooks look into the jug. */
const READ_AFTER = new Set(['simmer', 'strain', 'reduce']);

/** What a step takes besides its own time: to weigh, to look, to write it down; min. */
const BY_HAND_min = 2;

/** What each step would have taken on a day, and what would have been read: by the kitchen's habits, not the tables. */
function stepsMade(document: DrinkDocument, day: number) {
  const wobble = 1 + 0.015 * (day - 2);
  const habits = Object.fromEntries(
    Object.entries(DEMO_HABITS).map(([key, factor]) => [key, { factor: factor * wobble, cv: 0 }]),
  );
  const { steps, analysis } = runBrew({ document, options: { kitchen: { habits } } }, brewState([]));
  return analysis.trace.entries.map(({ step, verb, volume_mL, minutes }) => ({
    step: steps[step]!.of,
    minutes: minutes + BY_HAND_min,
    volume_mL: READ_AFTER.has(verb) && volume_mL !== null ? 5 * Math.round(volume_mL / 5) : null,
  }));
}

/** Who tasted the brews of the demo, what they gave them, and what they said: one after the other, over and over. */
const DEMO_TASTINGS = [
  ['Marek', 4, 'Good on the dawn round'],
  ['Juno', 3, 'A little sharp'],
  ['Sunniva', 5, ''],
  ['Wilf', 4, 'Less ginger would do'],
  ['Ines', 5, 'Just so'],
  ['Marek', 2, 'Too thin'],
  ['Juno', 4, ''],
] as const;

/** Two of them say how they like a brew, the day after. */
async function taste(
  context: BrewContext,
  who: SignedIn,
  id: string,
  { index, madeAt }: { readonly index: number; readonly madeAt: string },
): Promise<void> {
  for (const of of [0, 3]) {
    const [taster, score, words] = DEMO_TASTINGS[(2 * index + of) % DEMO_TASTINGS.length]!;
    const at = new Date(Date.parse(madeAt) + (20 + of) * HOUR_ms).toISOString();
    const tastingId = demoId(`tasting-${index}-${of}`);
    await noteTasting(context, who, { id, tastingId }, { taster, score, words, blind: of === 3, at });
  }
}

/** Three months of brews, read on the way and drunk since. */
async function createMade(context: BrewContext, members: readonly SignedIn[], now: Date): Promise<void> {
  for (const [index, { drink, daysAgo, day, honey_g }] of DEMO_MADE.entries()) {
    const id = demoId(`made-${index}`);
    const who = members[index % members.length] as SignedIn;
    const recipe = demoRecipe(drink, honey_g);
    const startedAt = new Date(now.getTime() - daysAgo * 24 * HOUR_ms);
    await startRun(context, who, id, {
      drinkId: demoId(drink),
      drinkRevision: DEMO_DRINKS[drink]?.length as number,
      recipe,
      cook: who.accountName,
      startedAt: startedAt.toISOString(),
    });
    let minutes = 0;
    const events = stepsMade(recipe.document, day).flatMap(({ step, minutes: took, volume_mL }, place): BrewEvent[] => {
      minutes += took;
      const at = minutesAfter(startedAt, minutes);
      const done: BrewEvent = { kind: 'step-done', id: demoId(`made-${index}-${place}`), at, step };
      if (volume_mL === null) return [done];
      const reading = { kind: 'reading', quantity: 'volume_mL', step, value: volume_mL } as const;
      return [{ ...reading, id: demoId(`made-${index}-${place}-read`), at }, done];
    });
    await postRunEvents(context, who, id, events);
    const bottle = { id: demoId(`made-bottle-${index}`), volume_mL: 250, place: 'fridge' as const };
    const madeAt = minutesAfter(startedAt, minutes + BY_HAND_min);
    await finishRun(context, who, id, { eventId: demoId(`made-${index}-end`), madeAt, bottles: [bottle] });
    await taste(context, who, id, { index, madeAt });
    // It was emptied and washed long ago.
    await context.models.bottles.destroy({ where: { kitchenId: demoId('kitchen'), id: bottle.id } });
  }
}

/** Puts into the stores what the brews take from; once, also in a demo that was kept from before there were any. */
async function createLots(context: BrewContext, members: readonly SignedIn[], now: Date): Promise<void> {
  if ((await context.models.lots.count({ where: { kitchenId: demoId('kitchen') } })) > 0) return;
  for (const [index, lot] of demoLots(now).entries())
    await saveLotAs(context, members[0] as SignedIn, demoId(`lot-${index}`), lot);
}

/**
 * Makes the demo kitchen if there is none, and moves its dates up to today.
 *
 * @param now passed in, so that tests can choose the day
 */
export async function keepDemoAlive(context: BrewContext, now: Date): Promise<void> {
  const kitchen = await context.models.kitchens.findOne({ where: { demoDay: { [Op.ne]: null } } });
  if (kitchen) {
    await createLots(context, DEMO_SIGNED_IN, now);
    return moveDemoDates(context, kitchen.demoDay as string, now);
  }
  await removeHalfMade(context);
  const members = await createKitchen(context);
  await savePeople(context.models, members[0] as SignedIn, { expectedRevision: 0, people: demoHousehold(now) });
  await saveSettings(context.models, demoId('kitchen'), { expectedRevision: 0, settings: DEMO_SETTINGS });
  await createDrinks(context, members);
  await createLots(context, members, now);
  await createMade(context, members, now);
  await createBrews(context, members, now);
  await createRuns(context, members, now);
  // Last of all: a kitchen without this day was left half made by a start that was killed.
  await context.models.kitchens.update({ demoDay: dayOf(now) }, { where: { id: demoId('kitchen') } });
}
