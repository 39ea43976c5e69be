// Writes the scripts and styles of the built application beside themselves as they are sent, as
// small as Brotli and gzip make them: once at the build, not at every request.
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const folder = join(import.meta.dirname, '..', 'web', 'dist', 'app', 'assets');
const leastBytes = 1024;

/** The same text in both ways; nothing where it is too short to become smaller. */
async function compress(path) {
  const text = await readFile(path);
  if (text.length < leastBytes) return;
  const params = {
    [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY,
    [constants.BROTLI_PARAM_MODE]: constants.BROTLI_MODE_TEXT,
    [constants.BROTLI_PARAM_SIZE_HINT]: text.length,
  };
  await writeFile(`${path}.br`, await promisify(brotliCompress)(text, { params }));
  await writeFile(`${path}.gz`, await promisify(gzip)(text, { level: constants.Z_BEST_COMPRESSION }));
}

const names = (await readdir(folder)).filter((name) => /\.(?:js|css|svg)$/.test(name));
await Promise.all(names.map((name) => compress(join(folder, name))));
