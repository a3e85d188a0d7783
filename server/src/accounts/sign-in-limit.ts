import { QueryTypes, type Sequelize } from 'sequelize';
import { Problem } from '../problem';

const WINDOW = '15 minutes';

/**
 * Counts an attempt to sign in, in the database, so that two servers count together.
 *
 * @param key what is limited: an e-mail, or an address
 * @param most attempts in a quarter of an hour
 * @throws Problem `too-many-requests` with the seconds to wait
 */
export async function countSignIn(sequelize: Sequelize, key: string, most: number): Promise<void> {
  const [row] = await sequelize.query<{ attempts: number; wait: number }>(
    `INSERT INTO sign_in_attempts AS seen (key, attempts, window_ends)
     VALUES (:key, 1, now() + interval '${WINDOW}')
     ON CONFLICT (key) DO UPDATE SET
       attempts = CASE WHEN seen.window_ends <= now() THEN 1 ELSE seen.attempts + 1 END,
       window_ends = CASE WHEN seen.window_ends <= now() THEN now() + interval '${WINDOW}' ELSE seen.window_ends END
     RETURNING attempts, ceil(extract(epoch FROM window_ends - now()))::int AS wait`,
    { replacements: { key }, type: QueryTypes.SELECT },
  );
  if (row && row.attempts > most)
    throw new Problem(
      'too-many-requests',
      { waitSeconds: row.wait },
      `Too many attempts to sign in. Try again in ${Math.ceil(row.wait / 60)} min.`,
    );
}

/** Forgets the attempts of a key after it has signed in. */
export async function forgetSignIns(sequelize: Sequelize, key: string): Promise<void> {
  await sequelize.query('DELETE FROM sign_in_attempts WHERE key = :key OR window_ends <= now()', {
    replacements: { key },
  });
}
