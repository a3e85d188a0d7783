// @ts-check
import { cpSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { ROOT, ensureNode, ensurePackages } from './lib/prepare.mjs';
import { endWithWhatRuns, run } from './lib/run.mjs';
import { say } from './lib/say.mjs';

/** Measures and prints; nothing here passes or fails. `npm run bench -- core`, `-- size`,
 * `-- keys`, `-- server`, `-- load` or `-- million` runs one part. */

const part = process.argv[2] ?? 'all';

/** Core: calls a second, against the peers in the same run. */
async function benchCore() {
  const { buildSync } = await import('esbuild');
  const out = join(ROOT, '.build', 'bench', 'core.mjs');
  buildSync({
    entryPoints: [join(ROOT, 'core/bench/core.bench.ts')],
    outfile: out,
    bundle: true,
    platform: 'node',
    format: 'esm',
    external: ['js-quantities', 'mathjs', 'tinybench', 'highs'],
    logLevel: 'error',
  });
  // Peers are found from core's own folder.
  const placed = join(ROOT, 'core', '.build');
  mkdirSync(placed, { recursive: true });
  cpSync(out, join(placed, 'core.bench.mjs'));
  await run(process.execPath, [join(placed, 'core.bench.mjs')], { cwd: join(ROOT, 'core') });
}

const BLANK = {
  'src/app/_layout.tsx': `import '../../global.css';
import { configureStore, createSlice } from '@reduxjs/toolkit';
import { Slot } from 'expo-router';
import { Provider } from 'react-redux';
const count = createSlice({ name: 'count', initialState: 0, reducers: { counted: (state) => state + 1 } });
const store = configureStore({ reducer: { count: count.reducer } });
export default function Root() {
  return (
    <Provider store={store}>
      <Slot />
    </Provider>
  );
}
`,
  'src/app/index.tsx': `import { Text, View } from 'react-native';
export default function Index() {
  return (
    <View className="flex-1 items-center justify-center bg-white">
      <Text className="text-lg">Blank</Text>
    </View>
  );
}
`,
  'global.css': '@tailwind base;\n@tailwind components;\n@tailwind utilities;\n',
  'tailwind.config.js':
    "module.exports = { content: ['./src/**/*.{ts,tsx}'], presets: [require('nativewind/preset')], darkMode: 'class' };\n",
};

/**
 * Bytes of a first load, gzipped: the page, everything it names, and the fonts its styles name.
 * @param {string} folder
 */
function firstLoad(folder) {
  const page = readFileSync(join(folder, 'index.html'), 'utf8');
  const named = [...page.matchAll(/(?:src|href)="(\/[^"]+)"/g)]
    .map(([, path]) => /** @type {string} */ (path))
    .filter((path) => !path.endsWith('.ico'));
  const fonts = named
    .filter((path) => path.endsWith('.css'))
    .flatMap((path) =>
      [...readFileSync(join(folder, path), 'utf8').matchAll(/url\('?(\/[^')]+)'?\)/g)].map(
        ([, font]) => /** @type {string} */ (font),
      ),
    );
  let total = 0;
  for (const path of new Set(['/index.html', ...named, ...fonts])) {
    const content = readFileSync(join(folder, path));
    const bytes = path.endsWith('.woff2') ? content.length : gzipSync(content, { level: 9 }).length;
    say(`  ${String(bytes).padStart(8)}  ${path}`);
    total += bytes;
  }
  return total;
}

/**
 * Bytes of the piece that is needed before a drink can be opened, gzipped.
 * @param {string} folder
 */
function secondLoad(folder) {
  const scripts = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((path) =>
    /second-load[^/]*\.js$/.test(path),
  );
  let total = 0;
  for (const path of scripts) {
    const bytes = gzipSync(readFileSync(join(folder, path)), { level: 9 }).length;
    say(`  ${String(bytes).padStart(8)}  ${path}`);
    total += bytes;
  }
  return total;
}

/** The exported application against a blank one of the same stack, built the same way. */
async function benchSize() {
  const { ensureBuild, exportApp } = await import('./lib/build.mjs');
  const { appFolder } = await ensureBuild();
  // Beside the real one, so that packages resolve the same.
  const blank = join(ROOT, 'app-blank');
  rmSync(blank, { recursive: true, force: true });
  try {
    for (const [file, text] of Object.entries(BLANK)) {
      mkdirSync(join(blank, file, '..'), { recursive: true });
      writeFileSync(join(blank, file), text);
    }
    for (const file of ['babel.config.js', 'metro.config.js', 'package.json', 'tsconfig.json'])
      cpSync(join(ROOT, 'app', file), join(blank, file));
    writeFileSync(
      join(blank, 'app.json'),
      JSON.stringify({
        expo: {
          name: 'Blank',
          slug: 'blank',
          scheme: 'blank',
          web: { bundler: 'metro', output: 'single' },
          plugins: [['expo-router', { sitemap: false }]],
        },
      }),
    );
    const out = join(ROOT, '.build', 'bench', 'blank');
    await exportApp(blank, out);
    say('Wellhydra, first load, bytes gzipped');
    const ours = firstLoad(appFolder);
    say('Blank Expo Router + NativeWind + Redux Toolkit, first load, bytes gzipped');
    const theirs = firstLoad(out);
    say(`first load: ${ours} against ${theirs} bytes, ${(ours / theirs).toFixed(2)} times the blank application`);
    const second = secondLoad(appFolder);
    say(
      `before a drink can be opened, first and second load: ${ours + second} bytes, ${((ours + second) / theirs).toFixed(2)} times the blank application`,
    );
  } finally {
    rmSync(blank, { recursive: true, force: true });
  }
}

endWithWhatRuns();
ensureNode();
await ensurePackages();
if (part === 'all' || part === 'core') await benchCore();
if (part === 'all' || part === 'size') await benchSize();
if (part === 'all' || part === 'keys') {
  const { benchKeys } = await import('./lib/bench-keys.mjs');
  await benchKeys();
}
for (const name of /** @type {const} */ (['server', 'load']))
  if (part === 'all' || part === name) {
    const { benchServer } = await import('./lib/bench-server.mjs');
    await benchServer(name);
  }
if (part === 'all' || part === 'million') {
  const { sayMillion } = await import('./lib/million-kitchens.mjs');
  sayMillion();
}
