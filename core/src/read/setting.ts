import { mentions, namesOneOf, type Mention } from '../hear/mentions';
import { isSheltered, type Setting, type Tables } from '../tables';

type Told = Pick<Tables, 'settingsTold'>;

/** Where a line says that something grows: what tells most of it, by the table. Undefined where it does not say. */
export function settingIn(tables: Told, line: string): Setting | undefined {
  const { rows, open } = tables.settingsTold;
  const isInTheOpen = namesOneOf(open, line);
  const told = placesToldIn(tables, line)
    .filter(({ at, row }) => !(isInTheOpen && isSheltered(row)) && !isElsewhere(tables, line.slice(0, at)))
    .map(({ row }) => row);
  return rows.find(({ setting }) => told.includes(setting))?.setting;
}

/** The words of a line that name such a place, whether it grows there or not. */
export const placesToldIn = ({ settingsTold }: Told, line: string): Mention<Setting>[] =>
  mentions(
    settingsTold.rows.map(({ setting, words }) => ({ row: setting, words })),
    line,
  );

function isElsewhere({ settingsTold }: Told, before: string): boolean {
  const words = before.toLowerCase().trimEnd();
  const wordBefore = words.replace(/\s+[\p{L}’'-]+$/u, '');
  return settingsTold.elsewhere.some((word) =>
    [words, wordBefore].some((text) => text === word || text.endsWith(` ${word}`)),
  );
}
