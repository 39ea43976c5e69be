import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { library, startHarness, type Harness } from '../tests/harness.js';

/** A script that the build has compressed. */
const ready = 'console.log(1 + 1);';

let harness: Harness;
let folder: string;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'fornax-web-'));
  mkdirSync(join(folder, 'assets'));
  writeFileSync(
    join(folder, 'index.html'),
    '<meta property="csp-nonce" nonce="__CSP_NONCE__"><style nonce="__CSP_NONCE__"></style>',
  );
  writeFileSync(join(folder, 'assets', 'app-abc123.js'), `console.log(${JSON.stringify('x'.repeat(3000))})`);
  const compressed = join(folder, 'assets', 'ready-abc123.js');
  writeFileSync(compressed, ready);
  writeFileSync(`${compressed}.br`, brotliCompressSync(ready));
  writeFileSync(`${compressed}.gz`, gzipSync(ready));
  harness = await startHarness({ webFolder: folder });
});
afterAll(async () => {
  await harness.close();
  rmSync(folder, { recursive: true, force: true });
});

describe('the application’s own files', () => {
  it.each(['/', '/classes', '/classes/01a20b9c-b5a9-74e8-83e3-42f98b0bd1cf/time', '/recipes/new'])(
    '%s is the page, without a session',
    async (path) => {
      const { headers, text } = await harness.stranger.get(path).expect(200);
      expect(headers['content-type']).toContain('text/html');
      expect(headers['cache-control']).toBe('no-store');
      expect(text).not.toContain('__CSP_NONCE__');
    },
  );
  it('each answer has a nonce of its own, the one that its policy allows', async () => {
    const nonces = await Promise.all(
      [1, 2].map(async () => {
        const { headers, text } = await harness.stranger.get('/');
        const nonce = /nonce="([^"]+)"/.exec(text)![1]!;
        expect(headers['content-security-policy']).toContain(`'nonce-${nonce}'`);
        return nonce;
      }),
    );
    expect(nonces[0]).not.toBe(nonces[1]);
  });
  it('assets are kept for good and compressed', async () => {
    const { headers } = await harness.stranger
      .get('/assets/app-abc123.js')
      .set('Accept-Encoding', 'gzip')
      .expect(200);
    expect(headers['cache-control']).toContain('immutable');
    expect(headers['content-encoding']).toBe('gzip');
  });
  it.each([
    ['gzip, deflate, br', 'br'],
    ['gzip', 'gzip'],
    ['identity', undefined],
  ])('who takes “%s” is sent what the build has made for it', async (taken, sent) => {
    const { headers, text } = await harness.stranger
      .get('/assets/ready-abc123.js')
      .set('Accept-Encoding', taken)
      .expect(200);
    expect(headers['content-encoding']).toBe(sent);
    expect(headers['content-type']).toContain('javascript');
    expect(headers.vary).toContain('Accept-Encoding');
    expect(text).toBe(ready);
  });
  it('an asset that is gone is a 404, not the page', () =>
    harness.stranger.get('/assets/old-000.js').expect(404));
  it('no path leads out of the folder', async () => {
    const { text } = await harness.stranger.get('/..%2f..%2fetc%2fpasswd');
    expect(text).not.toContain('root:');
  });
  it('an unknown address of the API stays an error', () => harness.cook.get('/api/nothing').expect(404));
});

describe('other people’s changes', () => {
  it('arrive by ETag: the same answer is 304', async () => {
    // The answer stands once all of its rows have been worked out.
    await library(harness.cook);
    const { headers } = await harness.cook.get('/api/recipes').expect(200);
    await harness.cook.get('/api/recipes').set('If-None-Match', headers.etag!).expect(304);
  });
});
