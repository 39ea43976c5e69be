import { isIPv6 } from 'node:net';

/**
 * What of an address stands for whoever has it: an IPv4 address whole, of an IPv6 address the first half,
 * since whoever has one has all of that network (“2001:db8:0:1” of “2001:db8::1:2:3:4:5”).
 */
export function networkOf(address: string): string {
  const plain = address.replace(/%.*$/, '').toLowerCase();
  const [, mapped] = /^::ffff:(\d+\.\d+\.\d+\.\d+)$/.exec(plain) ?? [];
  if (mapped) return mapped;
  if (!isIPv6(plain)) return plain;
  const [before = '', after] = plain.split('::');
  const groups = (text: string) => text.split(':').filter(Boolean);
  const left = groups(before);
  const right = after === undefined ? [] : groups(after);
  const missing = Array<string>(Math.max(0, 8 - left.length - right.length)).fill('0');
  return [...left, ...missing, ...right]
    .slice(0, 4)
    .map((group) => group.replace(/^0+(?=.)/, ''))
    .join(':');
}
