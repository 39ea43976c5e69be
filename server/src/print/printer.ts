import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { Injectable } from '@nestjs/common';
import { ProblemException } from '../common/problem.js';
import type { Markup } from './markup.js';

/** Debian's Chromium, which the commands install. */
const programs = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];
const mostMilliseconds = 60_000;
/** So many may wait for their pages; who comes later is asked to come again. */
const mostWaiting = 20;

/**
 * Prints pages to PDF with Chromium, one after the other: it sets every script, from right to left too, and
 * writes the structure of a page into the file, for those who have it read to them. It runs no script,
 * reaches no network, and is gone when the file is there.
 */
@Injectable()
export class Printer {
  #last: Promise<unknown> = Promise.resolve();
  #waiting = 0;

  async pdf(page: Markup): Promise<Buffer> {
    if (this.#waiting >= mostWaiting)
      throw new ProblemException(503, 'Many sheets are being printed just now. Try again in a minute.');
    this.#waiting++;
    const printed = this.#last.then(() => print(page.text));
    this.#last = printed.catch(() => undefined);
    return printed.finally(() => this.#waiting--);
  }
}

async function print(text: string): Promise<Buffer> {
  const program = process.env.FORNAX_CHROMIUM ?? programs.find(existsSync);
  if (!program)
    throw new ProblemException(
      503,
      'This server has no Chromium to make PDFs with. Print the page from the browser instead.',
    );
  const folder = await mkdtemp(join(tmpdir(), 'fornax-print-'));
  try {
    const [from, to] = [join(folder, 'page.html'), join(folder, 'page.pdf')];
    await writeFile(from, text);
    await run(program, [
      `--user-data-dir=${join(folder, 'profile')}`,
      `--print-to-pdf=${to}`,
      ...flags,
      pathToFileURL(from).href,
    ]);
    return await readFile(to);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

const flags = [
  '--headless',
  '--disable-gpu',
  '--disable-dev-shm-usage',
  '--no-pdf-header-footer',
  '--generate-pdf-document-outline',
  // Fonts lie beside the page; nothing is fetched from anywhere else.
  '--allow-file-access-from-files',
  '--host-resolver-rules=MAP * ~NOTFOUND',
  // Chromium's own walls cannot be put up by root; the page has no script that they would hold.
  ...(process.getuid?.() === 0 ? ['--no-sandbox'] : []),
];

function run(program: string, options: readonly string[]): Promise<void> {
  return new Promise((resolve, reject) => {
    const child = spawn(program, options, {
      stdio: 'ignore',
      timeout: mostMilliseconds,
      killSignal: 'SIGKILL',
    });
    const failed = () =>
      reject(
        new ProblemException(
          503,
          'The PDF could not be made. Try again, or print the page from the browser.',
        ),
      );
    child.on('error', failed);
    child.on('exit', (code) => (code === 0 ? resolve() : failed()));
  });
}
