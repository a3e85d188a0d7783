const formats = new Map<string, Intl.NumberFormat>();
const USUAL = 'GBP';

function formatOf(currency: string): Intl.NumberFormat {
  const known = formats.get(currency);
  if (known) return known;
  const format = new Intl.NumberFormat('en-GB', { style: 'currency', currency });
  formats.set(currency, format);
  return format;
}

/** "£0.11", in the kitchen's money; less than a hundredth of it in thousandths. */
export function showMoney(amount: number, currency: string = USUAL): string {
  if (amount > 0 && amount < 0.01)
    return new Intl.NumberFormat('en-GB', { style: 'currency', currency, maximumFractionDigits: 4 }).format(amount);
  return formatOf(currency).format(amount);
}
