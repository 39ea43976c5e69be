import { cacheByText } from '../identity/index.js';

/** An amount in the kitchen's money. Making a format is slow, and so is writing with it. */
export function money(amount: number, currency: string): string {
  return formatIn(currency)(String(amount));
}

const currencies = 20;
const rememberedAmounts = 1000;

const formatIn = cacheByText(currencies, (currency) => {
  const format = new Intl.NumberFormat('en', { style: 'currency', currency });
  return cacheByText(rememberedAmounts, (amount) => format.format(Number(amount)));
});
