import * as bait from './bait';
import * as brews from './brews';
import * as dilution from './dilution';
import * as doses from './doses';
import * as extraction from './extraction';
import * as feeds from './feeds';
import * as ground from './ground';
import * as growth from './growth';
import * as helpers from './helpers';
import * as soapWater from './soap-water';
import * as spray from './spray';
import type { AnyToolWords, FieldWords } from './words';

export { brewNames } from './brews';
export type { AnyToolWords } from './words';

const subjects = [doses, dilution, soapWater, bait, spray, extraction, feeds, brews, ground, helpers, growth];

const isWords = (value: unknown): value is AnyToolWords =>
  typeof value === 'object' && value !== null && 'of' in value && 'says' in value;

const byTool: ReadonlyMap<string, AnyToolWords> = new Map(
  subjects
    .flatMap((subject) => Object.values(subject as Record<string, unknown>).filter(isWords))
    .map((words) => [words.of, words]),
);

/** @throws Error naming the tool whose words are missing. */
export function toolWords(tool: string): AnyToolWords {
  const words = byTool.get(tool);
  if (!words) throw new Error(`the tool "${tool}" has no words`);
  return words;
}

const asWords = (words: FieldWords | undefined) => (typeof words === 'string' ? { label: words } : words);

/** Label, hint and names of the options of one field. */
export function fieldWords(tool: string, field: string): Exclude<FieldWords, string> {
  return asWords(toolWords(tool).fields[field]) ?? { label: field };
}
