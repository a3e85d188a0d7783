/**
 * A number with a sensible count of figures: 3 significant, no trailing zeros, no exponent.
 *
 * @param value finite
 * @param figures significant figures, 1 to 15
 */
export function formatNumber(value: number, figures = 3): string {
  if (value === 0) return '0';
  const magnitude = Math.floor(Math.log10(Math.abs(value)));
  const decimals = Math.max(0, Math.min(12, figures - 1 - magnitude));
  const rounded = magnitude >= figures ? Number(value.toPrecision(figures)) : value;
  const text = rounded.toFixed(decimals);
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
}

/** A volume of drink in the unit a person would say: mL below a litre, else L. */
export function formatVolume(volume_mL: number): string {
  return volume_mL >= 999.5 ? `${formatNumber(volume_mL / 1000)} L` : `${formatNumber(volume_mL)} mL`;
}

/** A mass in the unit a person would say: mg below a tenth of a gram, kg from one on. */
export function formatMass(mass_g: number): string {
  if (mass_g >= 999.5) return `${formatNumber(mass_g / 1000)} kg`;
  return mass_g < 0.1 ? `${formatNumber(mass_g * 1000)} mg` : `${formatNumber(mass_g)} g`;
}

/** A portion of a drink in mL or L; of a dry mix, which is kept and served by mass, in g. */
export function formatPortion(amount: number, dry: boolean): string {
  return dry ? formatMass(amount) : formatVolume(amount);
}
