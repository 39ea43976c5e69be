import type { ClassPlan, PlanWarning } from './types.js';

/** What a rule of caution or keeping found can be noted as known; a clash or a lack is decided instead. */
export function canBeNoted({ id, level }: PlanWarning): boolean {
  return level === 'harm' || id.startsWith('caution:') || id.startsWith('person:');
}

/** The findings that are open, and those that are noted as known. Harm stays open until a word says why. */
export function withNoted(
  all: readonly PlanWarning[],
  noted: Readonly<Record<string, string>>,
): Pick<ClassPlan, 'warnings' | 'noted'> {
  const whyOf = (warning: PlanWarning): string | null => {
    const why = canBeNoted(warning) ? noted[warning.id] : undefined;
    return why === undefined || (warning.level === 'harm' && why.trim() === '') ? null : why;
  };
  return {
    warnings: all.filter((warning) => whyOf(warning) === null),
    noted: all.flatMap((warning) => {
      const why = whyOf(warning);
      return why === null ? [] : [{ ...warning, why }];
    }),
  };
}
