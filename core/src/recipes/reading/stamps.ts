/** Rows of a talk without its times, and when each sentence of it was said; null where no times stand. */
export interface Talk {
  readonly rows: readonly string[];
  /** Minutes from its begin, by sentence. */
  readonly saidAt: ReadonlyMap<string, number>;
}

const clock = String.raw`(?:(\d{1,2}):)?(\d{1,2}):(\d{2})(?:[.,](\d{1,3}))?`;
/** "00:00:02,000 --> 00:00:07,500" of SubRip and WebVTT. */
const cue = new RegExp(String.raw`^${clock}\s*-->\s*${clock}`);
/** "[00:12] First …", "1:02 - then …". */
const inRow = new RegExp(String.raw`^[[(]?${clock}[\])]?\s*(?:[-–—:|]\s*)?(?=\p{L})`, 'u');
const ofFile = /^(?:WEBVTT.*|NOTE\b.*|STYLE|Kind:.*|Language:.*|\d{1,5})$/;
const tags = /<[^<>]{0,40}>|\{\\[^{}]{0,20}\}/g;
const sender = /^\[?\d{1,2}[:.]\d{2}[^\]:]{0,20}\]?\s*(?:-\s*)?\p{Lu}[\p{L} .]{1,25}:\s/u;
/** Fewer times make no talk: "10:30 start", a clock in a letter. */
const fewestTimes = 3;
const endOfSentence = /[.!?…]["”’)]?$/;

interface Caption {
  readonly at: number;
  readonly words: string;
}

/** A talk as its sentences, each on a row of its own; null where a text has no times that go up. */
export function talkOf(rows: readonly string[]): Talk | null {
  // Whoever speaks after a time writes in a chat.
  if (rows.some((row) => sender.test(row.trim()))) return null;
  const captions = captionsOf(rows);
  const goesUp = captions.every(({ at }, index) => index === 0 || at >= captions[index - 1]!.at);
  if (captions.length < fewestTimes || !goesUp) return null;
  const sentences = joined(captions);
  return {
    rows: sentences.map(({ words }) => words),
    saidAt: new Map(sentences.map(({ words, at }) => [words, at])),
  };
}

function captionsOf(rows: readonly string[]): Caption[] {
  const captions: { at: number; words: string }[] = [];
  const isFile = rows.some((row) => cue.test(row.trim()));
  for (const written of rows) {
    const row = written.trim().replace(tags, '');
    const stamp = cue.exec(row) ?? (isFile ? null : inRow.exec(row));
    if (stamp) captions.push({ at: minutesOf(stamp), words: isFile ? '' : row.slice(stamp[0].length) });
    else if (captions.length > 0 && row !== '' && !(isFile && ofFile.test(row)))
      captions.at(-1)!.words = `${captions.at(-1)!.words} ${row}`.trim();
  }
  return captions.filter(({ words }) => words !== '');
}

function minutesOf([, hours = '0', minutes, seconds]: RegExpExecArray): number {
  return Number(hours) * 60 + Number(minutes) + Number(seconds) / 60;
}

/** A sentence may run over several captions, and several may stand in one. */
function joined(captions: readonly Caption[]): Caption[] {
  return captions.reduce<{ at: number; words: string }[]>((sentences, { at, words }) => {
    const last = sentences.at(-1);
    if (last && !endOfSentence.test(last.words) && !startsAnew(words)) last.words += ` ${words}`;
    else sentences.push({ at, words });
    return sentences;
  }, []);
}

/** Of a talk without full stops each caption stands alone. */
const startsAnew = (words: string) => /^\p{Lu}\p{Ll}+ /u.test(words);

/** Hands take no longer than this on camera; what is longer was cut or waited. */
const longestShown = 30;

/** How long each sentence was shown, in minutes; nothing for the last, and where it is not likely. */
export function minutesShown({ saidAt }: Talk): ReadonlyMap<string, number> {
  const all = [...saidAt];
  return new Map(
    all.flatMap(([words, at], index): [string, number][] => {
      const next = all[index + 1];
      const minutes = next ? Math.ceil(next[1] - at) : 0;
      return minutes > 0 && minutes <= longestShown ? [[words, minutes]] : [];
    }),
  );
}
