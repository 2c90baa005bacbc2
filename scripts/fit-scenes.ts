/**
 * Learns how people say what else is so (the sun, the dog, the lid) and writes knowledge/reader/scenes.json: `npm run
 * fit:scenes`, after any change of knowledge/voices/scenes.jsonl, asked.jsonl, plain.jsonl, the words of facts, concepts or plants.
 * `npm run fit:scenes -- --aside` leaves every fifth saying out, tells how a stranger's would fare, and writes nothing.
 */
import fs from 'node:fs';
import { spansOf } from '../core/src/hear';
import { factMeant, harmless, noFact } from '../core/src/meaning';
import { fitLines, type Line, type Pace } from '../core/src/meaning/fit-lines';
import { factsSaid } from '../core/src/judge/question/names';
import { wordsOf } from '../core/src/read/stretch';
import type { MeaningsData, WordVectors } from '../core/src/tables';
import { knowledge as tables } from '../knowledge/src';
import { rowsOf, scenesDigest, scenesTold } from './lessons';

const pace: Pace = { rounds: 60, heldBack: 0.004 };
const vectors = JSON.parse(fs.readFileSync('knowledge/reader/vectors.json', 'utf8')) as WordVectors;
const line = ({ is, text }: { readonly is: string; readonly text: string }): Line => ({
  is,
  stretch: wordsOf(tables, text.toLowerCase()),
});
const told = scenesTold(tables);
// Of harmless work nothing is to be minded, and in plain questions no more than the lists hear.
const calm = [
  ...rowsOf<{ is: string; asks: string[] }>('asked.jsonl').filter(({ is }) => is === harmless),
  ...rowsOf<{ asks: string[] }>('plain.jsonl'),
]
  .flatMap(({ asks }) => asks.flatMap((ask) => spansOf(ask.toLowerCase())))
  .filter((text) => text.includes(' ') && factsSaid(tables, text).length === 0)
  .map((text) => ({ is: noFact, text }));
const isAside = process.argv.includes('--aside');
const learned = fitLines([...told.filter((_, at) => !isAside || at % 5 !== 4), ...calm].map(line), vectors, pace);
if (isAside) {
  const read = JSON.parse(fs.readFileSync('knowledge/reader/meanings.json', 'utf8')) as MeaningsData;
  const meanings: MeaningsData = { ...read, vectors, scenes: { from: '', ...learned } };
  const aside = told
    .filter((_, at) => at % 5 === 4)
    .map((one) => ({ ...one, ...factMeant(meanings, line(one).stretch) }));
  const says = aside.filter(({ is }) => !is.startsWith(noFact));
  const silent = aside.filter(({ is }) => is.startsWith(noFact));
  for (const from of [0.5, 0.65, 0.85]) {
    const heard = says.filter(({ sure = 0 }) => sure > from);
    const right = heard.filter(({ is, fact }) => is === fact).length;
    console.log(
      `above ${from}: right ${right} of ${says.length}, another ${heard.length - right}; heard where nothing is said ${silent.filter(({ sure = 0 }) => sure > from).length} of ${silent.length}`,
    );
  }
} else {
  fs.writeFileSync('knowledge/reader/scenes.json', JSON.stringify({ from: scenesDigest(tables), ...learned }));
  console.log(`${told.length} sayings, ${calm.length} spans of plain questions, ${learned.names.length} facts`);
}
