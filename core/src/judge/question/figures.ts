/** A label's strength in a word like "vinegar 20 %". */
export const percentIn = (word: string): number | undefined => {
  const found = /(\d+(?:[.,]\d+)?)\s*(?:%|percent|per cent)/i.exec(word);
  return found?.[1] === undefined ? undefined : Number(found[1].replace(',', '.'));
};
