// @ts-check
import { ensureBuild } from './lib/build.mjs';
import { ensureNode, ensurePackages } from './lib/prepare.mjs';

ensureNode();
await ensurePackages();
await ensureBuild();
