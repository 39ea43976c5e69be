import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

interface Fornax {
  address: string;
  stop: () => Promise<void>;
}

/**
 * The real server over a real database in a folder of its own, with the demo kitchen; or the one that
 * FORNAX_URL names.
 */
export default async function globalSetup(): Promise<() => Promise<void>> {
  if (process.env.FORNAX_URL) return () => Promise.resolve();
  const { startFornax } = (await import(new URL('../scripts/lib/serve.mjs', import.meta.url).href)) as {
    startFornax: (options: object) => Promise<Fornax>;
  };
  const { freePort } = (await import(new URL('../scripts/lib/database.mjs', import.meta.url).href)) as {
    freePort: () => Promise<number>;
  };
  const folder = mkdtempSync(join(tmpdir(), 'fornax-e2e-'));
  const fornax = await startFornax({ folder, port: await freePort(), demo: true });
  process.env.FORNAX_URL = fornax.address;
  return async () => {
    await fornax.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
