import { createHash, randomBytes } from 'node:crypto';
import { Op } from 'sequelize';
import { momentBefore } from '../common/clock.js';
import { KnownDeviceRow } from '../database/models.js';

export const deviceCookie = 'fornax-device';
export const deviceDays = 400;
/** Devices of one account that are known, the latest. */
const mostDevices = 20;
const day = 86_400_000;

export function deviceHash(token: string): string {
  return createHash('sha256').update(`device ${token}`).digest('hex');
}

/** Whether the account has been signed in to where this token is kept. */
export async function isKnownDevice(
  token: string | undefined,
  accountId: string | undefined,
): Promise<boolean> {
  if (!token || !accountId) return false;
  return (await KnownDeviceRow.count({ where: { tokenHash: deviceHash(token), accountId } })) > 0;
}

/** Knows a device from now on: the one that has the token, or a new one. Returns its token. */
export async function knowDevice(accountId: string, token: string | undefined): Promise<string> {
  const known = await isKnownDevice(token, accountId);
  const kept = known && token ? token : randomBytes(32).toString('base64url');
  const tokenHash = deviceHash(kept);
  if (known) await KnownDeviceRow.update({ seenAt: new Date() }, { where: { tokenHash } });
  else await KnownDeviceRow.create({ tokenHash, accountId, seenAt: new Date() });
  const rows = await KnownDeviceRow.findAll({ where: { accountId }, order: [['seenAt', 'DESC']] });
  const old = rows.slice(mostDevices).map((row) => row.tokenHash);
  if (old.length > 0) await KnownDeviceRow.destroy({ where: { tokenHash: { [Op.in]: old } } });
  return kept;
}

export async function sweepDevices(): Promise<void> {
  await KnownDeviceRow.destroy({ where: { seenAt: { [Op.lt]: momentBefore(deviceDays * day) } } });
}
