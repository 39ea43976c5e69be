import { spawn } from 'node:child_process';
import { root } from './lib/machine.mjs';
import { PlainError, runCommand } from './lib/say.mjs';

/** Other work that the machine has, as a process each that never waits. */
const busyLoops = 2;

/** The whole of npm test beside other work: no test may depend on how long something takes. */
await runCommand(async () => {
  const loops = Array.from({ length: busyLoops }, () =>
    spawn(process.execPath, ['-e', 'for (;;);'], { stdio: 'ignore' }),
  );
  try {
    const test = spawn('npm', ['test'], { cwd: root, stdio: 'inherit' });
    const status = await new Promise((resolve) => {
      test.once('close', resolve);
    });
    if (status !== 0) throw new PlainError('Tests failed beside other work: see above.');
  } finally {
    for (const loop of loops) loop.kill('SIGKILL');
  }
});
