/** Control characters that no text of a person holds: all but tab, line feed and carriage return. */
const controls = /(?![\t\n\r])\p{Cc}/gu;

/**
 * A text in the one form in which it is kept: letters with their accents as one character (NFC), and no
 * control characters. “é” is the same text however it was typed.
 */
export function normalText(text: string): string {
  return text.normalize('NFC').replace(controls, '');
}

/** A body with each of its texts in that form, made anew where one is not. */
export function normalBody<T>(body: T): T {
  if (typeof body === 'string') return normalText(body) as T;
  if (Array.isArray(body)) return body.map((each: unknown) => normalBody(each)) as T;
  if (typeof body !== 'object' || body === null || !isPlain(body)) return body;
  return Object.fromEntries(Object.entries(body).map(([key, value]) => [key, normalBody(value)])) as T;
}

function isPlain(value: object): boolean {
  const prototype = Object.getPrototypeOf(value) as unknown;
  return prototype === Object.prototype || prototype === null;
}
