/**
 * Learns how people say the signs and writes knowledge/reader/meanings.json: `npm run fit`, some five minutes, after
 * any change of signs, concepts, plants or voices. `npm run fit -- --aside` leaves a whole voice, a sixth of every other
 * and all stories out, tells how a stranger would fare, and writes nothing.
 */
import fs from 'node:fs';
import { seeded } from '../core/src/chance';
import { deniedOf, meaningsOf, meantBy, type Stretch } from '../core/src/meaning';
import { fitMeanings, type Saying } from '../core/src/meaning/fit';
import { partsOf, piecesOf } from '../core/src/read/parting';
import { stretchOf } from '../core/src/read/stretch';
import type { WordVectors } from '../core/src/tables';
import { knowledge as tables } from '../knowledge/src';
import { fromTables, lessonDigest, rowsOf, sayingFiles } from './lessons';

interface SayingsRow {
  readonly sign: string;
  readonly says: readonly string[];
  readonly denied: readonly string[];
}
interface StoryRow {
  readonly text: string;
  readonly signs: readonly { readonly sign: string; readonly state: 'seen' | 'absent'; readonly span: string }[];
}
interface Lesson {
  readonly file: string;
  readonly saying: Saying;
}

const known = new Map<string, Stretch>();
const stretch = (text: string): Stretch => {
  const found = known.get(text) ?? stretchOf(tables, text);
  known.set(text, found);
  return found;
};
const choice = seeded(3);
/** Two parts of a saying or so, by chance. */
const someParts = (text: string): Stretch[] => {
  const parts = partsOf(text);
  return parts.filter(() => choice.uniform() * parts.length < 2).map(stretch);
};
const lesson = (file: string, half: 0 | 1, sign: string, isDenied: boolean, text: string): Lesson => ({
  file,
  saying: { sign, half, isDenied, stretch: stretch(text), parts: someParts(text) },
});

const said = sayingFiles().flatMap(({ file, half }) =>
  rowsOf<SayingsRow>(file).flatMap(({ sign, says, denied }) => [
    ...says.map((text) => lesson(file, half, sign, false, text)),
    ...denied.map((text) => lesson(file, half, sign, true, text)),
  ]),
);
const stories = rowsOf<StoryRow>('stories.jsonl');
const told = stories.flatMap(({ signs }, at) =>
  signs.map(({ sign, state, span }) => lesson('stories', (at % 2) as 0 | 1, sign, state === 'absent', span)),
);
const plain = fromTables(tables).map(({ sign, text }): Saying => ({
  sign,
  half: 'tables',
  isDenied: false,
  stretch: stretch(text),
  parts: [],
}));
const opposites = rowsOf<{ sign: string; denied: string[] }>('opposites.jsonl').flatMap(({ sign, denied }) =>
  denied.map((text): Saying => ({ sign, half: 0, isDenied: true, stretch: stretch(text), parts: [] })),
);
/** What of a story no sign was marked in. */
const leftOver = stories.flatMap(({ text, signs }) =>
  piecesOf(signs.reduce((rest, { span }) => rest.replace(span, '. '), text))
    .map((piece) => piece.text)
    .filter((piece) => piece.split(' ').length > 2),
);
const talk = [
  ...rowsOf<{ say: string; signs: string[] }>('tempting.jsonl').filter(({ signs }) => signs.length === 0),
  ...rowsOf<{ say: string }>('chatter.jsonl'),
].flatMap(({ say }) => [say, ...partsOf(say)]);
const vectors = JSON.parse(fs.readFileSync('knowledge/reader/vectors.json', 'utf8')) as WordVectors;
const signs = tables.signs.map(({ id }) => id);

const isAside = process.argv.includes('--aside');
const asideFile = 'sayings-16.jsonl';
const dice = seeded(11);
const isThrown = Array.from({ length: 60_000 }, () => dice.upTo(5) === 0);
const sixth = (at: number) => isAside && isThrown[at] === true;
const keep = said.filter(({ file }, at) => !(isAside && file === asideFile) && !sixth(at));

const learned = {
  from: lessonDigest(tables),
  ...fitMeanings({
    signs: tables.signs,
    sayings: [...keep, ...(isAside ? [] : told)].map(({ saying }) => saying).concat(plain),
    opposites: opposites.filter((_, at) => !sixth(at)),
    talk: [...talk.filter((_, at) => !sixth(at)), ...(isAside ? [] : leftOver)].map(stretch),
    vectors,
  }),
};
const meanings = meaningsOf({ ...learned, vectors });

/** The share of sayings that are heard as denials. */
function deniedIn(list: readonly Lesson[]): string {
  const heard = list.filter(
    ({ saying: { sign, stretch: text } }) => deniedOf(meanings, text, signs.indexOf(sign)) > 0.5,
  );
  return `${((100 * heard.length) / Math.max(1, list.length)).toFixed(1)} %`;
}

/** How a list of sayings is read, as a line of text. */
function report(name: string, list: readonly Lesson[]): string {
  const per = (is: (saying: Saying, meant: ReturnType<typeof meantBy>, best: readonly string[]) => boolean) => {
    const right = list.filter(({ saying }) => {
      const meant = meantBy(meanings, saying.stretch);
      const order = [...meant.chances.keys()].sort((a, b) => meant.chances[b]! - meant.chances[a]!);
      return is(
        saying,
        meant,
        order.slice(0, 6).map((row) => signs[row] ?? ''),
      );
    });
    return `${((100 * right.length) / Math.max(1, list.length)).toFixed(1)} %`;
  };
  return [
    `${name}: ${list.length} sayings`,
    `right ${per(({ sign }, _, [first]) => sign === first)}`,
    `among six ${per(({ sign }, _, best) => best.includes(sign))}`,
    `taken for a sign ${per((_, meant) => meant.told > 0.5)}`,
    `denied as such ${deniedIn(list.filter(({ saying }) => saying.isDenied))}, told as denied ${deniedIn(list.filter(({ saying }) => !saying.isDenied))}`,
  ].join(', ');
}

const rounded = (values: readonly number[]) => values.map((value) => value.toFixed(2)).join(' ');
console.log(`told ${rounded(learned.told)}`);
if (isAside) {
  const others = talk.filter((_, at) => sixth(at)).map(stretch);
  const wrong = others.filter((line) => meantBy(meanings, line).told > 0.5).length;
  console.log(
    [
      report(
        'a voice never heard',
        said.filter(({ file }) => file === asideFile),
      ),
      report(
        'a sixth of the others',
        said.filter(({ file }, at) => file !== asideFile && sixth(at)),
      ),
      report('spans of stories', told),
      `opposites: denied as such ${deniedIn(opposites.filter((_, at) => sixth(at)).map((saying) => ({ file: '', saying })))}`,
      `talk: ${others.length} lines, taken for a sign ${wrong}`,
    ].join('\n'),
  );
} else {
  const file = process.argv.find((word) => word.startsWith('--out='))?.slice('--out='.length);
  fs.writeFileSync(file ?? 'knowledge/reader/meanings.json', JSON.stringify(learned));
  console.log(report('what it learned from', keep));
}
