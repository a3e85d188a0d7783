import { randomBytes } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import { Op, type Sequelize } from 'sequelize';
import { newInvitation } from '../accounts/account-service';
import type { SignedIn } from '../accounts/session-store';
import { pourFromBottle } from '../bottles/bottle-service';
import { recordBrew } from '../brews/brew-service';
import type { Models } from '../database/models';
import { saveDrinkRecord } from '../drinks/drink-service';
import { DEMO_BREWS } from './demo-brews';
import { DEMO_DRINKS, DEMO_KITCHEN, DEMO_MEMBERS, demoId } from './demo-kitchen';

interface DemoContext {
  readonly sequelize: Sequelize;
  readonly models: Models;
}

const HOUR_ms = 3_600_000;
/** Local calendar day as the database writes it. */
const dayOf = (now: Date): string => now.toISOString().slice(0, 10);

async function removeHalfMade({ models }: DemoContext): Promise<void> {
  await models.kitchens.destroy({ where: { id: demoId('kitchen') } });
  await models.accounts.destroy({ where: { id: DEMO_MEMBERS.map(({ email }) => demoId(email)) } });
}

async function createKitchen({ sequelize, models }: DemoContext): Promise<readonly SignedIn[]> {
  const kitchenId = demoId('kitchen');
  // Nobody signs in to the demo with a password; it is opened with one tap.
  const passwordHash = await hash(randomBytes(24).toString('hex'));
  await sequelize.transaction(async (transaction) => {
    await models.kitchens.create(
      { id: kitchenId, name: DEMO_KITCHEN, invitation: newInvitation(), demoDay: null },
      { transaction },
    );
    for (const { name, email } of DEMO_MEMBERS) {
      await models.accounts.create({ id: demoId(email), name, email, passwordHash }, { transaction });
      await models.members.create({ kitchenId, accountId: demoId(email) }, { transaction });
    }
  });
  return DEMO_MEMBERS.map(({ name, email }) => ({
    accountId: demoId(email),
    accountName: name,
    email,
    kitchenId,
    kitchenName: DEMO_KITCHEN,
    demo: true,
  }));
}

async function createDrinks(context: DemoContext, members: readonly SignedIn[]): Promise<void> {
  for (const [name, versions] of Object.entries(DEMO_DRINKS))
    for (const [index, document] of versions.entries())
      await saveDrinkRecord(context, members[index % members.length] as SignedIn, demoId(name), {
        expectedRevision: index,
        document,
      });
}

async function createBrews(context: DemoContext, members: readonly SignedIn[], now: Date): Promise<void> {
  const cook = members[0] as SignedIn;
  for (const [index, brew] of DEMO_BREWS.entries()) {
    const madeAt = new Date(now.getTime() - brew.hoursAgo * HOUR_ms);
    const bottles = brew.bottles.map(({ volume_mL, place }, place_) => ({
      id: demoId(`bottle-${index}-${place_}`),
      volume_mL,
      place,
    }));
    const drinkRevision = DEMO_DRINKS[brew.drink]?.length as number;
    await recordBrew(context, cook, demoId(`brew-${index}`), {
      drinkId: demoId(brew.drink),
      drinkRevision,
      madeAt: madeAt.toISOString(),
      bottles,
    });
    const made = await context.models.brews.findByPk(demoId(`brew-${index}`));
    for (const [place, { pours }] of brew.bottles.entries())
      for (let count = 0; count < pours; count += 1) {
        const pouredAt = new Date(madeAt.getTime() + ((count + 1) / (pours + 1)) * (now.getTime() - madeAt.getTime()));
        const ids = { id: demoId(`bottle-${index}-${place}`), pourId: demoId(`pour-${index}-${place}-${count}`) };
        const who = members[(count + index) % members.length] as SignedIn;
        await pourFromBottle(context, who, ids, {
          volume_mL: made?.servingMl as number,
          pouredAt: pouredAt.toISOString(),
        });
      }
  }
}

/** Moves what the demo came with to today; what people added since stays where it is. */
async function moveDates({ sequelize, models }: DemoContext, since: string, now: Date): Promise<void> {
  const days = Math.round((Date.parse(dayOf(now)) - Date.parse(since)) / (24 * HOUR_ms));
  if (days <= 0) return;
  const brews = DEMO_BREWS.map((_brew, index) => demoId(`brew-${index}`));
  const bottles = DEMO_BREWS.flatMap((brew, index) =>
    brew.bottles.map((_each, place) => demoId(`bottle-${index}-${place}`)),
  );
  const pours = DEMO_BREWS.flatMap((brew, index) =>
    brew.bottles.flatMap(({ pours: count }, place) =>
      Array.from({ length: count }, (_each, pour) => demoId(`pour-${index}-${place}-${pour}`)),
    ),
  );
  await sequelize.transaction(async (transaction) => {
    const shift = async (table: string, column: string, ids: readonly string[]) =>
      sequelize.query(`UPDATE ${table} SET ${column} = ${column} + make_interval(days => :days) WHERE id IN (:ids)`, {
        replacements: { days, ids },
        transaction,
      });
    await shift('brews', 'made_at', brews);
    await shift('bottles', 'opened_at', bottles);
    await shift('pours', 'poured_at', pours);
    await models.kitchens.update({ demoDay: dayOf(now) }, { where: { id: demoId('kitchen') }, transaction });
  });
}

/**
 * Makes the demo kitchen if there is none, and moves its dates up to today.
 *
 * @param now passed in, so that tests can choose the day
 */
export async function keepDemoAlive(context: DemoContext, now: Date): Promise<void> {
  const kitchen = await context.models.kitchens.findOne({ where: { demoDay: { [Op.ne]: null } } });
  if (kitchen) return moveDates(context, kitchen.demoDay as string, now);
  await removeHalfMade(context);
  const members = await createKitchen(context);
  await createDrinks(context, members);
  await createBrews(context, members, now);
  // Last of all: a kitchen without this day was left half made by a start that was killed.
  await context.models.kitchens.update({ demoDay: dayOf(now) }, { where: { id: demoId('kitchen') } });
}
