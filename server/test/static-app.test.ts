import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import type { FastifyInstance } from 'fastify';
import { startServer } from './kitchen-server';

const PAGE = '<!doctype html><title>Page</title>';
const SCRIPT = `/* ${'long '.repeat(500)} */`;
let folder: string;
let app: FastifyInstance;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'wellhydra-static-'));
  mkdirSync(join(folder, '_expo/static/js'), { recursive: true });
  writeFileSync(join(folder, 'index.html'), PAGE);
  writeFileSync(join(folder, '_expo/static/js/entry-abc.js'), SCRIPT);
  writeFileSync(join(folder, '_expo/static/js/entry-abc.js.br'), brotliCompressSync(SCRIPT));
  // Nothing of this needs a database.
  app = await startServer('postgres://nobody@127.0.0.1:1/none', { appFolder: folder });
});
afterAll(async () => {
  await app.close();
  rmSync(folder, { recursive: true, force: true });
});

const get = (url: string, headers: Record<string, string> = { accept: 'text/html' }) => app.inject({ url, headers });

test.each(['/', '/drinks', '/drinks/3f2b8c1e-6a54-4b7d-9f0e-1c2d3e4f5a6b', '/no/such/place'])(
  '%s gets the page, never from a cache',
  async (url) => {
    const answer = await get(url);
    expect([answer.statusCode, answer.body]).toEqual([200, PAGE]);
    expect(answer.headers['cache-control']).toBe('no-cache');
  },
);

test('a tool that takes anything gets the page, too', async () => {
  expect((await get('/', { accept: '*/*' })).body).toBe(PAGE);
  expect((await get('/shelf', {})).body).toBe(PAGE);
});

test.each(['/_expo/static/js/gone.js', '/assets/gone.png', '/api/gone', '/favicon.ico', '/gone.svg?x=1'])(
  '%s is not found, and is no page',
  async (url) => {
    const answer = await get(url);
    expect(answer.statusCode).not.toBe(200);
    expect(answer.headers['content-type']).toMatch(/json/);
  },
);

test('what is not asked for as a page is not answered with one', async () => {
  expect((await get('/drinks', { accept: 'application/json' })).statusCode).toBe(404);
  expect((await app.inject({ method: 'POST', url: '/drinks', headers: { accept: 'text/html' } })).statusCode).toBe(404);
});

test('hashed files are kept for ever, and sent compressed as they lie', async () => {
  const answer = await get('/_expo/static/js/entry-abc.js', { 'accept-encoding': 'br' });
  expect(answer.headers['cache-control']).toMatch(/immutable/);
  expect(answer.headers['content-encoding']).toBe('br');
  expect(answer.rawPayload.length).toBeLessThan(SCRIPT.length / 4);
});

test('no way leads out of the folder', async () => {
  for (const url of ['/../package.json', '/..%2fpackage.json', '/_expo/../../package.json'])
    expect((await get(url, { accept: '*/*' })).body).not.toMatch(/"name"/);
});
