// @ts-check

/**
 * What mutation testing breaks, area by area, and the tests that watch over each: rules, services, and what keeps what
 * is not yet sent. Every test of a workspace for every broken line takes days; what those of an area do not notice may
 * still be noticed by others, so that a score is a lower bound.
 *
 * @typedef {object} Area
 * @property {string} name Its workspace, and its folder there.
 * @property {readonly string[]} files
 * @property {readonly string[]} [tests] By the beginnings of their names; all of the workspace otherwise.
 */

/** @param {string} folder @param {readonly string[]} tests @returns {Area} */
const services = (folder, tests) => ({
  name: `server/${folder}`,
  files: [`server/src/${folder}/*-{service,store}.ts`],
  tests,
});

/** @type {readonly Area[]} */
export const AREAS = [
  { name: 'core/caution', files: ['core/src/caution/**/*.ts', '!**/index.ts'] },
  { name: 'core/keeping', files: ['core/src/keeping/**/*.ts', '!**/index.ts'] },
  { name: 'core/merge', files: ['core/src/merge/**/*.ts', '!**/index.ts'] },
  services('accounts', ['accounts', 'password-reset', 'security', 'members', 'strangers']),
  services('archive', ['archive']),
  services('bottles', ['bottle', 'drinks-bottles', 'draw-offs', 'stores', 'drinkers']),
  services('brews', ['brew-runs', 'bottle-truth', 'bottles-used', 'drinks-bottles', 'draw-offs']),
  services('devices', ['devices', 'sensor-streams']),
  services('drinks', ['drinks-bottles', 'versions', 'saved-at-once', 'drinkers', 'strangers']),
  {
    name: 'server/kitchen',
    files: ['server/src/kitchen/*-store.ts', 'server/src/kitchen/quota.ts'],
    tests: ['kitchen-settings', 'saved-at-once', 'strangers', 'people.', 'photos'],
  },
  services('logbook', ['logbook', 'photos']),
  services('members', ['members', 'drinkers']),
  services('people', ['people', 'drinkers']),
  services('stores', ['stores', 'bottles-used']),
  {
    name: 'app/sync',
    files: ['app/src/state/sync/*.ts'],
    tests: ['queue', 'drafts', 'plan-sync', 'settings-draft', 'two-phones', 'seen', 'waiting.', 'known-session'],
  },
  {
    name: 'app/domain',
    files: ['app/src/domain/**/*-{sync,sending,draft,deeds}.ts'],
    tests: ['queue', 'drafts', 'plan-sync', 'settings-draft', 'decided-offline', 'waiting', 'stores-more'],
  },
];
