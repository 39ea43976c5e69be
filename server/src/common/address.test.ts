import { expect, it } from 'vitest';
import { networkOf } from './address.js';

it.each([
  ['192.0.2.7', '192.0.2.7'],
  ['::ffff:192.0.2.7', '192.0.2.7'],
  ['2001:db8:0:1:aaaa:bbbb:cccc:dddd', '2001:db8:0:1'],
  ['2001:0DB8:0000:0001::2', '2001:db8:0:1'],
  ['2001:db8::1', '2001:db8:0:0'],
  ['::1', '0:0:0:0'],
  ['fe80::1%eth0', 'fe80:0:0:0'],
])('of %s it is %s that counts', (address, network) => expect(networkOf(address)).toBe(network));
