/** The server under test. */
export const SERVER = new URL('../.build/server/main.mjs', import.meta.url).pathname;

/** What it is told; those that tests start for themselves are told the same. */
export const serverEnv = JSON.parse(process.env.E2E_SERVER ?? '{}') as Readonly<Record<string, string>>;
