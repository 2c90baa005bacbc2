/** Branded amounts. Inside the core everything is SI-like: mL, g, mg/L, °C, m². */
declare const unit: unique symbol;
type Quantity<Unit extends string> = number & { readonly [unit]: Unit };

export type Millilitres = Quantity<'mL'>;
export type Grams = Quantity<'g'>;
export type GramsPerLitre = Quantity<'g/L'>;
export type MilligramsPerLitre = Quantity<'mg/L'>;
/** 0…100 */
export type Percent = Quantity<'%'>;

export const millilitres = (value: number): Millilitres => finite(value, 'mL') as Millilitres;
export const grams = (value: number): Grams => finite(value, 'g') as Grams;
export const gramsPerLitre = (value: number): GramsPerLitre => finite(value, 'g/L') as GramsPerLitre;
export const milligramsPerLitre = (value: number): MilligramsPerLitre => finite(value, 'mg/L') as MilligramsPerLitre;
export const percent = (value: number): Percent => finite(value, '%') as Percent;

function finite(value: number, unitName: string): number {
  if (!Number.isFinite(value)) throw new RangeError(`an amount in ${unitName} must be a number, not ${value}`);
  return value;
}
