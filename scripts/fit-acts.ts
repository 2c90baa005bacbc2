/**
 * Learns what questions mean that name no substance and writes knowledge/reader/acts.json: `npm run fit:acts`, after any
 * change of knowledge/voices/asked.jsonl, concepts or plants. `npm run fit:acts -- --aside` leaves every fifth question
 * out, tells how a stranger's would fare, and writes nothing.
 */
import fs from 'node:fs';
import { harmless, meantAct, unnamed } from '../core/src/meaning';
import { fitActs } from '../core/src/meaning/fit-acts';
import type { Line } from '../core/src/meaning/fit-lines';
import { stretchOf } from '../core/src/read/stretch';
import type { MeaningsData, WordVectors } from '../core/src/tables';
import { knowledge as tables } from '../knowledge/src';
import { askedDigest, rowsOf } from './lessons';

const vectors = JSON.parse(fs.readFileSync('knowledge/reader/vectors.json', 'utf8')) as WordVectors;
const learnedMeanings = JSON.parse(fs.readFileSync('knowledge/reader/meanings.json', 'utf8')) as MeaningsData;
const questions = rowsOf<{ is: string; asks: string[] }>('asked.jsonl').flatMap(({ is, asks }) =>
  asks.map((ask): Line => ({ is, stretch: stretchOf(tables, ask.toLowerCase()) })),
);
const isAside = process.argv.includes('--aside');
const learned = fitActs(
  questions.filter((_, at) => !isAside || at % 5 !== 4),
  vectors,
);

if (isAside) {
  const meanings = { ...learnedMeanings, vectors, acts: { from: '', ...learned } };
  const stops = new Set(tables.safetyRules.filter(({ level }) => level === 'stop').map(({ id }) => id));
  const isGrave = (rule: string) => stops.has(rule);
  const aside = questions.filter((_, at) => at % 5 === 4);
  for (const isRead of [false, true]) {
    const meant = aside.map(({ is, stretch }) => ({ is, as: meantAct(meanings, stretch, isRead, isGrave) }));
    const share = (name: string, of: (is: string) => boolean, as: (one: (typeof meant)[number]) => boolean) => {
      const some = meant.filter(({ is }) => of(is));
      return `${name} ${some.filter(as).length} of ${some.length}`;
    };
    const isMinded = (is: string) => is !== harmless && is !== unnamed;
    console.log(
      [
        isRead ? 'where work or stuff is named' : 'where nothing is named',
        share(
          'harmless let be',
          (is) => is === harmless,
          ({ as }) => as === harmless,
        ),
        share(
          'warned of',
          (is) => is === harmless,
          ({ as }) => as !== undefined && as !== harmless,
        ),
        share('to be minded, minded by its rule', isMinded, ({ is, as }) => is === as),
        share('by another', isMinded, ({ is, as }) => as !== undefined && as !== harmless && as !== is),
        share('let be', isMinded, ({ as }) => as === harmless),
        share('to be stopped, let be', isGrave, ({ as }) => as === harmless),
        share(
          'without a name, let be',
          (is) => is === unnamed,
          ({ as }) => as === harmless,
        ),
      ].join(', '),
    );
  }
} else {
  fs.writeFileSync('knowledge/reader/acts.json', JSON.stringify({ from: askedDigest(tables), ...learned }));
  console.log(`${questions.length} questions, ${learned.names.length} meanings`);
}
