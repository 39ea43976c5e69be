import chardet from 'chardet';

/** Bytes that are looked at to tell which letters a file is written in. */
const sniffedBytes = 64 * 1024;

/**
 * The text of a file in whatever letters it was saved: by its mark, by what its page says, or by how its
 * bytes look. What cannot be told is taken for UTF-8. Never throws.
 */
export function decodeText(bytes: Uint8Array): string {
  const start = bytes.subarray(0, sniffedBytes);
  for (const name of [markOf(start), saidIn(start), chardet.detect(start), 'utf-8']) {
    const text = name ? decoded(bytes, name) : null;
    if (text !== null) return text;
  }
  return new TextDecoder().decode(bytes);
}

function markOf(bytes: Uint8Array): string | null {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le';
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be';
  return bytes[0] === 0xef && bytes[1] === 0xbb && bytes[2] === 0xbf ? 'utf-8' : null;
}

/** `<meta charset="windows-1252">`, which only counts where its bytes are not valid UTF-8 anyway. */
function saidIn(bytes: Uint8Array): string | null {
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes.subarray(0, lastWhole(bytes)));
    return 'utf-8';
  } catch {
    const head = new TextDecoder('latin1').decode(bytes.subarray(0, 4096));
    return /<meta[^>]+charset=["']?\s*([\w-]+)/i.exec(head)?.[1] ?? null;
  }
}

/** Where the last whole letter ends: a piece of a file may be cut inside one. */
function lastWhole(bytes: Uint8Array): number {
  let end = bytes.length;
  for (let back = 1; back <= 4 && back <= bytes.length; back++)
    if ((bytes[bytes.length - back]! & 0xc0) !== 0x80) {
      if (bytes[bytes.length - back]! >= 0xc0) end = bytes.length - back;
      break;
    }
  return end;
}

function decoded(bytes: Uint8Array, name: string): string | null {
  try {
    return new TextDecoder(name).decode(bytes).replace(/^\ufeff/, '');
  } catch {
    return null;
  }
}
