/**
 * Whether a password is among the fifty thousand that are tried first. The list is read when it is asked for,
 * once in the life of a kitchen.
 */
export async function isCommonPassword(password: string): Promise<boolean> {
  const { dictionary } = await import('@zxcvbn-ts/language-common');
  const common = dictionary['passwords-common'] as readonly string[];
  return common.includes(password.toLowerCase());
}
