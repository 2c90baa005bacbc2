/** What the reader is taught with: the voices in knowledge/voices and what the tables say of themselves. */
import { createHash } from 'node:crypto';
import fs from 'node:fs';
import path from 'node:path';
import { seeded, shuffle } from '../core/src/chance';
import { noFact } from '../core/src/meaning';
import type { Tables } from '../core/src/tables';

const folder = path.resolve('knowledge/voices');

/** The rows of one file, as they stand. */
export const rowsOf = <Row>(file: string): Row[] =>
  fs
    .readFileSync(path.join(folder, file), 'utf8')
    .split('\n')
    .filter(Boolean)
    .map((line) => JSON.parse(line) as Row);

/** The files of sayings, each one writer's. */
export const sayingFiles = (): { readonly file: string; readonly half: 0 | 1 }[] =>
  fs
    .readdirSync(folder)
    .filter((name) => /^sayings-\d+\.jsonl$/.test(name))
    .map((file) => {
      // Each sign stands in two of the first twelve files, by two writers: one of each pair is of either half.
      const number = Number(/\d+/.exec(file)?.[0]);
      return { file, half: (number > 20 ? number % 2 : number > 10 ? 1 : 0) as 0 | 1 };
    });

const asked = 'asked.jsonl';
const scenes = 'scenes.jsonl';
const plain = 'plain.jsonl';
/** What questions are learned from, and signs are not. */
const ofQuestions: ReadonlySet<string> = new Set([asked, scenes, plain]);

/** Digest of what questions without a substance are learned from: where it changes, `npm run fit:acts`. */
export function askedDigest({ concepts, plants }: Tables): string {
  const digest = createHash('sha256').update(fs.readFileSync(path.join(folder, asked)));
  digest.update(JSON.stringify([concepts, plants.map(({ id, name, synonyms, kin }) => [id, name, synonyms, kin])]));
  return digest.digest('hex').slice(0, 16);
}

/** What people say of a scene, and what is said in the words of its facts. */
export function scenesTold({ sceneFacts }: Tables): { readonly is: string; readonly text: string }[] {
  const rows = rowsOf<{ is: string; says: string[]; apart?: true }>(scenes).map(({ is, apart, says }) => ({
    fact: is,
    // Only there to be told apart: what it is, its own words say well enough.
    is: apart ? `${noFact} ${is}` : is,
    says,
  }));
  return [
    ...rows.flatMap(({ is, says }) => says.map((text) => ({ is, text }))),
    ...rows.flatMap(({ fact, is }) =>
      (sceneFacts.find(({ id }) => id === fact)?.words ?? [])
        .filter((words) => words.includes(' '))
        .map((words) => ({ is, text: words.replaceAll(' * ', ' ') })),
    ),
  ];
}

/** Digest of what facts of a scene are learned from: where it changes, `npm run fit:scenes`. */
export function scenesDigest(tables: Tables): string {
  const digest = createHash('sha256');
  for (const file of [asked, plain]) digest.update(fs.readFileSync(path.join(folder, file)));
  digest.update(JSON.stringify(scenesTold(tables)));
  digest.update(
    JSON.stringify([tables.concepts, tables.plants.map(({ id, name, synonyms, kin }) => [id, name, synonyms, kin])]),
  );
  return digest.digest('hex').slice(0, 16);
}

/** Digest of all that the signs are learned from: where it changes, the reader must learn anew. */
export function lessonDigest({ signs, concepts, plants }: Tables): string {
  const digest = createHash('sha256');
  for (const file of fs.readdirSync(folder).sort())
    if (!ofQuestions.has(file)) digest.update(fs.readFileSync(path.join(folder, file)));
  digest.update(
    JSON.stringify([
      signs.map(({ id, name, plain, says }) => [id, name, plain, says]),
      concepts,
      plants.map(({ id, name, synonyms, kin }) => [id, name, synonyms, kin]),
    ]),
  );
  return digest.digest('hex').slice(0, 16);
}

/** Names, plain sentences, and words of each concept put together: what the tables say of each sign. */
export function fromTables({ concepts, signs }: Tables): { readonly sign: string; readonly text: string }[] {
  const chance = seeded(5);
  const wordsOf = new Map<string, readonly string[]>(concepts.map(({ id, words }) => [id, words]));
  const pick = (key: string) => {
    const words = key.startsWith('=') ? [key.slice(1)] : (wordsOf.get(key) ?? [key]);
    return (words[chance.upTo(words.length - 1)] ?? key).replace(/^!/, '');
  };
  const put = (set: string) => {
    const words = set.split(' ').map(pick);
    shuffle(words, chance);
    return words.join(' ');
  };
  return signs.flatMap(({ id, name, plain, says }) =>
    [
      name,
      ...plain.split(/[.;:]\s+/).filter((part) => part.length > 8 && !/\b(?:not|no|never|unlike|without)\b/.test(part)),
      ...says.flatMap((set) => [put(set), put(set)]),
    ].map((text) => ({ sign: id, text })),
  );
}
