// @ts-check
import { createReadStream, createWriteStream, existsSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { constants, createBrotliCompress, createGzip } from 'node:zlib';
import { ROOT, hashOf, isStamped, stamp } from './prepare.mjs';
import { run } from './run.mjs';
import { say } from './say.mjs';
import { writeServiceWorker } from './service-worker.mjs';

export const SERVER_BUNDLE = join(ROOT, '.build', 'server', 'main.mjs');
const APP_BUILDS = join(ROOT, '.build', 'app');
/** Builds that are kept: a server that is still running goes on serving its own. */
const BUILDS_KEPT = 3;
const COMPRESSED = /\.(?:js|css|html|json|txt|svg)$/;

async function buildServer() {
  const wanted = hashOf(['server/src', 'core/src', 'contract/src', 'package-lock.json']);
  if (isStamped('server', wanted) && existsSync(SERVER_BUNDLE)) return;
  say('Building the server …');
  const { build } = await import('esbuild');
  await build({
    entryPoints: { main: join(ROOT, 'server/src/main.ts'), 'run-worker': join(ROOT, 'server/src/runs/run-worker.ts') },
    outdir: dirname(SERVER_BUNDLE),
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: true,
    packages: 'external',
    // Our own workspaces are sources, not packages: they go into the bundle.
    alias: { '@wellhydra/core': join(ROOT, 'core/src'), '@wellhydra/contract': join(ROOT, 'contract/src') },
    logLevel: 'error',
  });
  stamp('server', wanted);
}

/**
 * Writes every text file once more in both compressions, so that serving costs nothing.
 * @param {string} folder
 */
async function precompress(folder) {
  const files = readdirSync(folder, { recursive: true, withFileTypes: true }).filter(
    (entry) => entry.isFile() && COMPRESSED.test(entry.name),
  );
  for (const entry of files) {
    const file = join(entry.parentPath, entry.name);
    await pipeline(
      createReadStream(file),
      createBrotliCompress({ params: { [constants.BROTLI_PARAM_QUALITY]: 10 } }),
      createWriteStream(`${file}.br`),
    );
    await pipeline(createReadStream(file), createGzip({ level: 9 }), createWriteStream(`${file}.gz`));
  }
}

/**
 * Exports an Expo application for the web.
 *
 * @param {string} source folder of the application
 * @param {string} target
 */
export async function exportApp(source, target) {
  rmSync(target, { recursive: true, force: true });
  const env = { ...process.env, CI: '1', EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', NODE_ENV: 'production' };
  const code = await run(
    process.execPath,
    [
      join(ROOT, 'node_modules/expo/bin/cli'),
      'export',
      '--platform',
      'web',
      '--max-workers',
      '2',
      '--output-dir',
      target,
    ],
    { cwd: source, env, stdio: ['ignore', 'ignore', 'inherit'] },
  );
  // Thrown: whoever has started something meanwhile has to put it away.
  if (code !== 0) throw new Error('The application could not be built; the message above says why.');
}

const APP_SOURCES = [
  'app/src',
  'app/public',
  'app/service-worker',
  'scripts/lib/service-worker.mjs',
  'app/assets',
  'app/app.json',
  'app/babel.config.js',
  'app/metro.config.js',
  'app/tailwind.config.js',
  'app/global.css',
  'core/src',
  'contract/src',
  'package-lock.json',
];

/** Removes all but the newest builds. */
function forgetOldBuilds() {
  const builds = readdirSync(APP_BUILDS)
    .map((name) => ({ folder: join(APP_BUILDS, name), made: statSync(join(APP_BUILDS, name)).mtimeMs }))
    .sort((a, b) => b.made - a.made);
  for (const { folder } of builds.slice(BUILDS_KEPT)) rmSync(folder, { recursive: true, force: true });
}

/** @returns {Promise<string>} folder of the built application */
async function buildApp() {
  const wanted = hashOf(APP_SOURCES);
  const folder = join(APP_BUILDS, wanted.slice(0, 16));
  if (existsSync(join(folder, 'index.html.br'))) return folder;
  say('Building the application (about a minute the first time) …');
  const fresh = `${folder}.part`;
  await exportApp(join(ROOT, 'app'), fresh);
  await writeServiceWorker(fresh);
  await precompress(fresh);
  rmSync(folder, { recursive: true, force: true });
  renameSync(fresh, folder);
  forgetOldBuilds();
  return folder;
}

/**
 * Builds server and application as far as their sources have changed.
 * @returns {Promise<{ appFolder: string }>}
 */
export async function ensureBuild() {
  await buildServer();
  return { appFolder: await buildApp() };
}
