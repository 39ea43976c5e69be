/** Packages of others are loaded as they are. */
const external = [/^[^./]/];

/**
 * What Node.js loads of core and contract is a few files instead of hundreds, each of which would be looked
 * for, read and compiled by itself whenever a server or one of its threads starts.
 */
export default ['core', 'contract'].map((name) => ({
  input:
    name === 'core'
      ? { index: 'core/dist/index.js', plan: 'core/dist/plan/index.js' }
      : { index: `${name}/dist/index.js` },
  platform: 'node',
  external,
  output: { dir: `${name}/dist/node`, cleanDir: true },
}));
