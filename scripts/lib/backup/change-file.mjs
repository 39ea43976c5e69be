import { readFileSync } from 'node:fs';
import { crc32 } from 'node:zlib';
import { PlainError } from '../say.mjs';

/** The layout of MariaDB's record of changes: a head of four bytes, then events one after the other. */
const magic = Buffer.from([0xfe, 0x62, 0x69, 0x6e]);
const headBytes = 19;
const checksumBytes = 4;
const types = { query: 2, stop: 3, rotate: 4, description: 15, commit: 16, gtid: 162, gtidList: 163 };
/** Set in the first event of a file that is being written, and not yet when its checksum is worked out. */
const inUse = 0x01;
/** A change of the schema is one statement without a commit behind it. */
const standsAlone = 0x01;

/**
 * Reads a file of the record of changes event by event, and says what it holds: `starts` and `ends`, the
 * number of the last change before its first and of its last, by domain; `next`, the file that it says comes
 * next, or null; `moment`, when its last whole change was made (seconds since 1970); `wholeBytes`, up to
 * where its changes are whole; `places`, where events begin. `damage` says in a few words what is wrong, and
 * null where nothing is: lengths that do not follow each other, a checksum that does not hold, a number that
 * is left out, an end in the middle of a change.
 */
export function readChangeFile(path) {
  const bytes = readFileSync(path);
  const file = {
    starts: new Map(),
    ends: new Map(),
    next: null,
    moment: 0,
    wholeBytes: magic.length,
    places: new Set(),
    damage: null,
  };
  if (!bytes.subarray(0, magic.length).equals(magic))
    return { ...file, damage: 'it is no record of changes' };
  const change = { isOpen: false, isAlone: false, moment: 0 };
  for (let place = magic.length; place < bytes.length && !file.damage;) {
    const event = eventAt(bytes, place);
    if (typeof event === 'string') file.damage = event;
    else {
      file.places.add(place);
      file.damage = take(file, change, event);
      place += event.length;
      if (!change.isOpen && !file.damage) file.wholeBytes = place;
    }
  }
  if (!file.damage && change.isOpen) file.damage = 'it ends in the middle of a change';
  return file;
}

/** The event at a place, or in a few words why there is none. */
function eventAt(bytes, place) {
  if (place + headBytes > bytes.length) return 'it ends in the middle of a change';
  const length = bytes.readUInt32LE(place + 9);
  if (length < headBytes + checksumBytes) return 'a length in it cannot be';
  if (place + length > bytes.length) return 'it ends in the middle of a change';
  const whole = bytes.subarray(place, place + length);
  const type = whole[4];
  if (!isChecked(whole, type)) return 'a change in it is not as it was written';
  return {
    length,
    type,
    moment: whole.readUInt32LE(0),
    body: whole.subarray(headBytes, length - checksumBytes),
  };
}

function isChecked(whole, type) {
  const said = whole.readUInt32LE(whole.length - checksumBytes);
  const told = whole.subarray(0, whole.length - checksumBytes);
  if (type !== types.description) return crc32(told) === said;
  const closed = Buffer.from(told);
  closed[17] &= ~inUse;
  return crc32(closed) === said;
}

/** Takes an event in; returns what is wrong with it, or null. */
function take(file, change, { type, moment, body }) {
  switch (type) {
    case types.gtidList:
      for (const [domain, number] of listedIn(body)) {
        file.starts.set(domain, number);
        file.ends.set(domain, number);
      }
      return null;
    case types.gtid:
      return begin(file, change, body, moment);
    case types.commit:
      return end(file, change);
    case types.query:
      return change.isAlone || /^(COMMIT|ROLLBACK)$/.test(statementOf(body)) ? end(file, change) : null;
    case types.rotate:
      file.next = body.subarray(8).toString();
      return null;
    default:
      return null;
  }
}

function begin(file, change, body, moment) {
  const number = body.readBigUInt64LE(0);
  const domain = body.readUInt32LE(8);
  const before = file.ends.get(domain) ?? 0n;
  if (change.isOpen) return 'a change in it has no end';
  if (number !== before + 1n) return `${number - before - 1n} changes are missing in it`;
  file.ends.set(domain, number);
  Object.assign(change, { isOpen: true, isAlone: (body[12] & standsAlone) !== 0, moment });
  return null;
}

function end(file, change) {
  change.isOpen = false;
  file.moment = change.moment;
  return null;
}

/** How far each domain was when a file began. */
function listedIn(body) {
  const count = body.readUInt32LE(0) & 0x0fffffff;
  return Array.from({ length: count }, (_, index) => {
    const place = 4 + index * 16;
    return [body.readUInt32LE(place), body.readBigUInt64LE(place + 8)];
  });
}

/** The text of a statement's event: behind its own head, its status and the name of its schema. */
function statementOf(body) {
  const schemaLength = body[8];
  const statusLength = body.readUInt16LE(11);
  return body.subarray(13 + statusLength + schemaLength + 1).toString();
}

/** Throws where a file does not begin where the one before it ended. */
export function checkFollows(name, file, before) {
  for (const [domain, number] of before.ends)
    if ((file.starts.get(domain) ?? 0n) !== number)
      throw new PlainError(
        `${name} does not follow the file before it: changes between them are missing, and nothing ` +
          'was put back.',
      );
}
