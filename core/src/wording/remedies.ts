import { keptName, type KeptTable, type RemedyFacts, type Tables } from '../tables';

const harmWords = { safe: 'spares', some: 'harms some', harm: 'harms' } as const;

/** What a remedy does to helpers, soil and water life, in one sentence. */
export const sparesWords = ({ helpers, soil, water }: RemedyFacts['spares']): string =>
  `Helpers: ${harmWords[helpers]}. Soil life: ${harmWords[soil]}. Water life: ${harmWords[water]}.`;

export const costWords: Readonly<Record<RemedyFacts['cost'], string>> = {
  nothing: 'costs nothing',
  pennies: 'costs pennies',
  some: 'costs about as much as a packet of seed',
  dear: 'costs more than a meal',
};

/** The name of something that a garden has kept; what is no longer known says so. */
export function keptWords(tables: Tables, table: KeptTable, id: string): string {
  const { known, name } = keptName(tables, table, id);
  return known ? name : `no longer known: ${name}`;
}
