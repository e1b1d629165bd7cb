import type { Estimate } from '../model';

const one = (n: number): string => n.toFixed(1);

/** The span in which a value lies with 95 % confidence, in words; empty where it is not known. */
export const spanText = (
  { low, high }: Pick<Estimate, 'low' | 'high'>,
  text: (n: number) => string = one,
): string => (low === null || high === null ? '' : `${text(low)} to ${text(high)}`);

/**
 * The span of a size whose direction is said in a word, in brackets: “down by 0.15 (95 %: 0.07 to 0.23)”. Below 0 is the
 * other way; empty where it is not known.
 */
export const sizeSpanText = (
  { value, low, high }: Omit<Estimate, 'n'>,
  text: (n: number) => string = one,
): string => {
  const turned = value < 0 && low !== null && high !== null ? { low: -high, high: -low } : { low, high };
  const span = spanText(turned, text);
  return span ? ` (95 %: ${span})` : '';
};
