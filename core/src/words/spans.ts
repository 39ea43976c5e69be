/** "10", or "10–15" where the ends differ. */
export function showRange(low: number | string, high: number | string): string {
  return low === high ? String(high) : `${low}–${high}`;
}

/** "45 min", "3 h", "2 h 20 min", "2 days". */
export function showSpan(minutes: number): string {
  if (minutes >= 2880) return `${Math.round(minutes / 1440)} days`;
  if (minutes < 90) return `${minutes} min`;
  const rest = minutes % 60;
  return rest === 0 ? `${minutes / 60} h` : `${Math.floor(minutes / 60)} h ${rest} min`;
}
