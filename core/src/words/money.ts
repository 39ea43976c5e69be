const formats = new Map<string, Intl.NumberFormat>();

/** An amount in the kitchen's money. Making a format is slow, so each is made once. */
export function money(amount: number, currency: string): string {
  const format = formats.get(currency) ?? new Intl.NumberFormat('en', { style: 'currency', currency });
  formats.set(currency, format);
  return format.format(amount);
}
