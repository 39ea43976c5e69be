const signs: Readonly<Record<string, string>> = { '£': 'GBP', '€': 'EUR', $: 'USD', '¥': 'JPY' };

/**
 * The money that a text names beside the kitchen's own, as an ISO code; null where it names none or that one.
 * A bare $ may be any dollar.
 */
export function foreignMoney(text: string, currency: string): string | null {
  const named = [...text.matchAll(/\b[A-Z]{3}\b/g)].map(([code]) => code);
  const signed = [...text].flatMap((sign) => signs[sign] ?? []);
  const isDollar = (code: string) => code === 'USD' && ['AUD', 'CAD', 'NZD', 'SGD', 'HKD'].includes(currency);
  return [...named, ...signed].find((code) => code !== currency && !isDollar(code)) ?? null;
}

/** Why a price in another money is not taken; empty where it is in the kitchen's. */
export function moneyProblem(text: string, currency: string): string {
  const foreign = foreignMoney(text, currency);
  return foreign ? `This price is in ${foreign}; the kitchen counts in ${currency}. Convert it first.` : '';
}
