import type { FastifyInstance } from 'fastify';
import { buildApp } from '../src/build-app';
import { children, print, start } from './asking';
import { fillKitchen } from './filled-kitchen';
import { benchLists, benchVisitors } from './lists';
import { benchLoad } from './load';
import { benchPeer, worksOf } from './peer';

/**
 * A big kitchen against one of a hundredth, and the application against a bare server that does the same SQL. Prints and
 * judges nothing. Told by the environment: BENCH_DATABASES (two empty ones, small and big), BENCH_SERVER, BENCH_BARE and
 * BENCH_FOLDER.
 */

const BREWS = { small: 100, big: 10_000 } as const;

const [smallUrl, bigUrl] = process.env.BENCH_DATABASES!.split(' ') as [string, string];
const open = async (databaseUrl: string): Promise<FastifyInstance> => {
  const app = await buildApp({
    databaseUrl,
    host: '127.0.0.1',
    port: 0,
    demo: false,
    spoolFolder: process.env.BENCH_FOLDER!,
    outboxFolder: process.env.BENCH_FOLDER!,
    mailFrom: 'bench@localhost',
    publicUrl: 'http://localhost',
    logLevel: 'silent',
    strictAnswers: false,
    requestsPerMinute: 10_000_000,
    signInsPerQuarter: 1000,
  });
  await app.ready();
  await app.migrated();
  return app;
};

const serve = (databaseUrl: string) =>
  start(process.env.BENCH_SERVER!, [], {
    DATABASE_URL: databaseUrl,
    PORT: '0',
    LOG_LEVEL: 'silent',
    REQUESTS_PER_MINUTE: '10000000',
    DEMO: '1',
  });

/** Which parts are run: lists and peer, or load. */
const PART = process.env.BENCH_PART ?? 'server';

try {
  const [smallApp, bigApp] = [await open(smallUrl), await open(bigUrl)];
  const small = await fillKitchen(smallApp, BREWS.small);
  const big = await fillKitchen(bigApp, BREWS.big);
  const [{ brews, bottles, pours }] = (
    await bigApp.sequelize.query(
      'SELECT (SELECT count(*) FROM brews) brews, (SELECT count(*) FROM bottles) bottles, (SELECT count(*) FROM pours) pours',
    )
  )[0] as [Record<string, string>];
  print(`${brews} brews, ${bottles} bottles, ${pours} pours; the small one has a hundredth`);
  const at = { small: await serve(smallUrl), big: await serve(bigUrl) };
  if (PART === 'server') {
    await benchLists(small, big, at);
    await benchVisitors(at.small);
  }
  const works = await worksOf(bigApp, big, { ours: at.big, databaseUrl: bigUrl });
  if (PART === 'load') await benchLoad(works, big.drinks);
  else await benchPeer(works);
  await Promise.all([smallApp.close(), bigApp.close()]);
} finally {
  for (const child of children) child.kill('SIGTERM');
}
