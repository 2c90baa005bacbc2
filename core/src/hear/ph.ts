/** "pH 7.4", "the soil tested 6.8", "pH came out at 6". */
const said =
  /\bph\b[^.;?!\d]{0,24}(\d{1,2}(?:[.,]\d{1,2})?)(?![\d%])|\b(?:soil|bed|ground|garden)\b[^.;?!\d]{0,16}\b(?:test(?:s|ed)?|measured|reads?|came (?:out|back|in))\b[^.;?!\d]{0,16}(\d[.,]\d{1,2})(?![\d%])|\b(\d[.,]\d{1,2})\s*ph\b/iu;

/** The pH that a line names; undefined where it names none. */
export function phIn(line: string): number | undefined {
  const found = said.exec(line);
  const figure = found?.[1] ?? found?.[2] ?? found?.[3];
  const value = figure === undefined ? Number.NaN : Number(figure.replace(',', '.'));
  return value >= 3 && value <= 11 ? value : undefined;
}
