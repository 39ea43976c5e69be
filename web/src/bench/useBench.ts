import { useCallback, useEffect, useState } from 'react';
import { type BenchBowl, benchStore, type KeptBench, mostBowls, newBowl } from './bowls.js';

export interface Bench extends KeptBench {
  readonly isRead: boolean;
  choose(index: number): void;
  change(overrides: Partial<BenchBowl>): void;
  /** False where there is no room: nothing is lost for it. */
  put(bowl: BenchBowl): boolean;
  takeAway(index: number): void;
  putBack(kept: KeptBench): void;
}

/** Up to four bowls; what is done to them is kept on this device as it is done. */
export function useBench(): Bench {
  const [{ bowls, chosen }, setBench] = useState<KeptBench>({ bowls: [newBowl], chosen: 0 });
  const [isRead, setIsRead] = useState(false);
  useEffect(() => {
    void benchStore
      .read()
      .then((kept) => {
        if (kept && kept.bowls.length > 0) setBench(kept);
      })
      .finally(() => setIsRead(true));
  }, []);
  const keep = useCallback((next: KeptBench) => {
    setBench(next);
    void benchStore.write(next);
  }, []);
  return {
    bowls,
    chosen,
    isRead,
    choose: (index) => keep({ bowls, chosen: index }),
    change: (overrides) =>
      keep({
        bowls: bowls.map((bowl, index) => (index === chosen ? { ...bowl, ...overrides } : bowl)),
        chosen,
      }),
    put: (bowl) => {
      if (bowls.length >= mostBowls) return false;
      keep({ bowls: [...bowls, bowl], chosen: bowls.length });
      return true;
    },
    takeAway: (index) => {
      const left = bowls.filter((_, at) => at !== index);
      keep({ bowls: left.length > 0 ? left : [newBowl], chosen: Math.max(0, index - 1) });
    },
    putBack: keep,
  };
}
