import { setTimeout as pause } from 'node:timers/promises';
import { QueryTypes, type Sequelize } from 'sequelize';
import { Problem } from '../problem';

const WINDOW = '15 minutes';
/** Failures of one account after which every answer about it takes longer, and how long at most, s. */
const SLOWED = { from: 5, most_s: 3 } as const;

/** Counts in the database, so that two servers count together. */
async function count(sequelize: Sequelize, key: string): Promise<{ readonly attempts: number; readonly wait: number }> {
  const [row] = await sequelize.query<{ attempts: number; wait: number }>(
    `INSERT INTO sign_in_attempts AS seen (key, attempts, window_ends)
     VALUES (:key, 1, now() + interval '${WINDOW}')
     ON CONFLICT (key) DO UPDATE SET
       attempts = CASE WHEN seen.window_ends <= now() THEN 1 ELSE seen.attempts + 1 END,
       window_ends = CASE WHEN seen.window_ends <= now() THEN now() + interval '${WINDOW}' ELSE seen.window_ends END
     RETURNING attempts, ceil(extract(epoch FROM window_ends - now()))::int AS wait`,
    { replacements: { key }, type: QueryTypes.SELECT },
  );
  return row ?? { attempts: 0, wait: 0 };
}

/**
 * Counts an attempt from an address, which is refused after too many: whoever tries many accounts is stopped, and
 * nobody else with them.
 *
 * @param most attempts in a quarter of an hour
 * @throws Problem `too-many-requests` with the seconds to wait
 */
export async function countAddress(sequelize: Sequelize, address: string, most: number): Promise<void> {
  const { attempts, wait } = await count(sequelize, `address:${address}`);
  if (attempts > most)
    throw new Problem(
      'too-many-requests',
      { waitSeconds: wait },
      `Too many attempts to sign in. Try again in ${Math.ceil(wait / 60)} min.`,
    );
}

/**
 * Counts an attempt on an account, which is answered later and later, and never refused: guessing gets slow, and
 * nobody can be kept out of their own kitchen by somebody who guesses.
 *
 * @param slowFrom attempts after which it takes longer
 */
export async function slowAccount(sequelize: Sequelize, email: string, slowFrom: number = SLOWED.from): Promise<void> {
  const { attempts } = await count(sequelize, `email:${email}`);
  if (attempts <= slowFrom) return;
  await pause(1000 * Math.min(SLOWED.most_s, 0.25 * 2 ** Math.min(10, attempts - slowFrom)));
}

/** Mails that one account gets in a quarter of an hour. */
const MAILS = 3;

/** Counts a mail to an account; false where it has had enough of them: nobody's letter box is filled from here. */
export async function mayMail(sequelize: Sequelize, email: string): Promise<boolean> {
  return (await count(sequelize, `mail:${email}`)).attempts <= MAILS;
}

/** Forgets the attempts on an account after somebody has signed in to it. */
export async function forgetAttempts(sequelize: Sequelize, email: string): Promise<void> {
  await sequelize.query('DELETE FROM sign_in_attempts WHERE key = :key OR window_ends <= now()', {
    replacements: { key: `email:${email}` },
  });
}
