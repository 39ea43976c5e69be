/**
 * Loaded into a server by a test (--import): at SIGUSR2 its wall clock goes back by an hour, as when somebody
 * sets the machine's.
 */
const hour = 3_600_000;
const Actual = globalThis.Date;

process.on('SIGUSR2', () => {
  globalThis.Date = class extends Actual {
    constructor(...given) {
      if (given.length > 0) super(...given);
      else super(Actual.now() - hour);
    }
    static now() {
      return Actual.now() - hour;
    }
  };
});
