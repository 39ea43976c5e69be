import {
  appendFileSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { binaryLogFolder } from '../binary-log.mjs';

const files = (data) =>
  readdirSync(binaryLogFolder(data))
    .filter((name) => /^changes\.\d+$/.test(name))
    .sort()
    .map((name) => join(binaryLogFolder(data), name));

/** Flips one bit of a file, at a share of its length. */
function flip(file, share) {
  const bytes = readFileSync(file);
  bytes[Math.floor(bytes.length * share)] ^= 1;
  writeFileSync(file, bytes);
}

function cutOff(file, bytes) {
  truncateSync(file, readFileSync(file).length - bytes);
}

/** One letter of a text that is written down somewhere in it becomes another. */
function misspell(file, text) {
  const bytes = readFileSync(file);
  const place = bytes.indexOf(text);
  if (place < 0) throw new Error(`${file} does not hold “${text}”.`);
  bytes[place] ^= 1;
  writeFileSync(file, bytes);
}

const about = (backup, change) => {
  const file = join(backup, 'about.json');
  writeFileSync(file, JSON.stringify({ ...JSON.parse(readFileSync(file, 'utf8')), ...change }));
};
const dump = (backup) => join(backup, 'fornax.sql.gz');

/**
 * Ways in which a backup, or the record of changes beside it, can be spoilt: each makes of two folders
 * (a backup, a data folder whose record has at least four files) what must not be put back.
 */
export const spoilings = {
  'a first file of changes that is gone': (_, data) => rmSync(files(data)[0]),
  'a middle file of changes that is gone': (_, data) => rmSync(files(data)[1]),
  'the last file of changes gone': (_, data) => rmSync(files(data).at(-1)),
  'two middle files gone': (_, data) =>
    files(data)
      .slice(1, 3)
      .forEach((file) => rmSync(file)),
  'a middle file gone, and the list of files with it': (_, data) => {
    rmSync(files(data)[1]);
    rmSync(join(binaryLogFolder(data), 'changes.index'));
  },
  'the last file gone, and the list of files with it': (_, data) => {
    rmSync(files(data).at(-1));
    rmSync(join(binaryLogFolder(data), 'changes.index'));
  },
  'a middle file in the place of another': (_, data) => {
    rmSync(files(data)[1]);
    renameSync(
      files(data)[1],
      files(data)[1].replace(/\d+$/, (number) => String(number - 1).padStart(6, '0')),
    );
    rmSync(files(data).at(-1));
    rmSync(join(binaryLogFolder(data), 'changes.index'));
  },
  'a letter of what was written': (_, data) =>
    misspell(
      files(data).find((file) => readFileSync(file).includes('Kept since')),
      'Kept since',
    ),
  'a bit in the first file': (_, data) => flip(files(data)[0], 0.8),
  'a bit in a middle file': (_, data) => flip(files(data)[1], 0.5),
  'a bit near the end of the last file': (_, data) => flip(files(data).at(-1), 0.98),
  'a bit in the head of a file': (_, data) => flip(files(data)[1], 0),
  'a first file that is cut off': (_, data) => cutOff(files(data)[0], 200),
  'a middle file that is cut off': (_, data) => cutOff(files(data)[1], 60),
  'a last file that is cut off': (_, data) => cutOff(files(data).at(-1), 100),
  'an empty middle file': (_, data) => writeFileSync(files(data)[1], ''),
  'something behind the last change': (_, data) => appendFileSync(files(data).at(-1), 'more'),
  'a bit in the dump': (backup) => flip(dump(backup), 0.5),
  'a dump that is cut off': (backup) => cutOff(dump(backup), 20),
  'a dump that is gone': (backup) => rmSync(dump(backup)),
  'another place in the record': (backup) => about(backup, { position: 4 }),
  'another file in the record': (backup) => about(backup, { log: 'changes.000002' }),
  'a description that cannot be read': (backup) => writeFileSync(join(backup, 'about.json'), '{'),
  'a description that is gone': (backup) => rmSync(join(backup, 'about.json')),
};
