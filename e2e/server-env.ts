/** The server under test: where its bundle is, and what it is told. */
export const SERVER = new URL('../.build/server/main.mjs', import.meta.url).pathname;

/** @param port to listen on; database and application are those that the test command has made ready */
export const serverEnv = (port: number): Record<string, string> => ({
  DATABASE_URL: process.env.E2E_DATABASE_URL ?? '',
  PORT: String(port),
  HOST: 'localhost',
  APP_FOLDER: process.env.E2E_APP_FOLDER ?? '',
  DEMO: '1',
  LOG_LEVEL: 'warn',
  STRICT_ANSWERS: '1',
  REQUESTS_PER_MINUTE: '100000',
});
