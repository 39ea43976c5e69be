import { findIngredient, type Larder } from '../larder/index.js';
import type { Balance, LineRole, LineShare } from './types.js';

type Weighed = 'salt' | 'sweet';

/**
 * A bowl whose free lines grow by one factor for each role, without rounding: turned until it meets a target.
 */
export class RoleFactors {
  readonly #factors: Record<LineRole, number> = { oil: 1, acid: 1, salt: 1, sweet: 1, rest: 1 };

  constructor(
    private readonly bowl: Balance,
    private readonly isFree: (line: LineShare) => boolean,
    private readonly larder: Larder,
  ) {}

  millilitresOf(line: LineShare): number {
    return line.millilitres * this.#of(line);
  }

  /** Oil and acid so that their volumes are in a ratio, and together as much as before. */
  meetRatio(ratio: number): void {
    const volume = (role: LineRole) => this.#sum((line) => (line.role === role ? line.millilitres : 0));
    const [oil, acid] = [volume('oil'), volume('acid')];
    const wantedAcid = (oil + acid) / (1 + ratio);
    if (oil > 0) this.#factors.oil *= (oil + acid - wantedAcid) / oil;
    if (acid > 0) this.#factors.acid *= wantedAcid / acid;
  }

  /** Salt or sweet so that the whole holds so many per cent, beside what other lines bring of it. */
  meetPercent(role: Weighed, percent: number): void {
    const isOwn = (line: LineShare) => line.role === role && this.isFree(line);
    const pure = (line: LineShare) => line.grams * this.#shareOf(line, role);
    const own = this.bowl.lines.filter(isOwn).reduce((sum, line) => sum + pure(line), 0);
    if (own <= 0) return;
    const others = this.#sum((line) => (isOwn(line) ? 0 : pure(line)));
    const wanted = (percent / 100) * this.#sum(({ grams }) => grams) - others;
    this.#factors[role] = Math.max(0.02, wanted / own);
  }

  meetVolume(millilitres: number): void {
    const by =
      millilitres /
      Math.max(
        1e-9,
        this.#sum((line) => line.millilitres),
      );
    for (const role of ['oil', 'acid', 'rest'] as const) this.#factors[role] *= by;
  }

  #of(line: LineShare): number {
    return this.isFree(line) ? this.#factors[line.role] : 1;
  }

  #sum(of: (line: LineShare) => number): number {
    return this.bowl.lines.reduce((sum, line) => sum + of(line) * this.#of(line), 0);
  }

  #shareOf({ ingredient }: LineShare, role: Weighed): number {
    const composition = findIngredient(this.larder, ingredient)?.composition;
    return (role === 'salt' ? composition?.salt : composition?.sugar)?.value ?? 0;
  }
}
