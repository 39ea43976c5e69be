import { UniqueConstraintError } from 'sequelize';

/**
 * Makes a row whose id the browser chose, once: where it is there already, or another request makes it at the
 * same moment (a double click, an answer that was lost), the one that stands is returned.
 */
export async function createIdempotently<T>(
  find: () => Promise<T | null>,
  make: () => Promise<T>,
): Promise<T> {
  const before = await find();
  if (before) return before;
  try {
    return await make();
  } catch (error) {
    const meanwhile = error instanceof UniqueConstraintError ? await find() : null;
    if (!meanwhile) throw error;
    return meanwhile;
  }
}
