import fs from 'node:fs';
import path from 'node:path';

const root = path.join(__dirname, '..', '..');

function* sources(folder: string): Generator<string> {
  for (const entry of fs.readdirSync(folder, { withFileTypes: true })) {
    const file = path.join(folder, entry.name);
    if (entry.isDirectory()) {
      if (entry.name !== 'node_modules') yield* sources(file);
    } else if (/\.tsx?$/.test(entry.name) && !/\.test\.tsx?$/.test(entry.name)) yield file;
  }
}
const folders = ['core/src', 'knowledge/src', 'server/src', 'app/src', 'app/app'].map((part) => path.join(root, part));

/** Fields that hold sentences, for people: never asked what stands in them. */
const prose =
  '(?:says|does|why|plain|honest|instead|rate|what|hint|detail|label|title|howSure|settles|ask|prepare|removal|expect\\.what)';
/** A question put to a text: its beginning, its end, a part, a pattern, or whether it is this very sentence. */
const asked = [
  new RegExp(`\\.${prose}\\)?\\??\\.(?:startsWith|endsWith|includes|match|matchAll|search|test|indexOf|split)\\(`, 'g'),
  new RegExp(`/[^/\\n]+/[a-z]*\\.(?:test|exec)\\([\\w.?!()]*\\.${prose}\\b`, 'g'),
  // What a wording makes is shown as it is, never cut up again.
  /\b\w*(?:Words|Date|Line|Says)\([^()\n]*\)\.(?:replace|split|startsWith|endsWith|includes|match|search|slice)\(/g,
  new RegExp(`\\.${prose}\\s*[!=]==\\s*['"\`][^'"\`]* [^'"\`]*['"\`]`, 'g'),
];

/** What in a source asks a sentence what it says. */
const asksProse = (text: string): string[] =>
  asked.flatMap((pattern) => [...text.matchAll(pattern)].map(([hit]) => hit));

describe('no sentence decides anything', () => {
  test('no source asks a sentence what stands in it', () => {
    const found = folders.flatMap((folder) =>
      [...sources(folder)].flatMap((file) =>
        asksProse(fs.readFileSync(file, 'utf8')).map((hit) => `${path.relative(root, file)}: ${hit}`),
      ),
    );
    expect(found).toEqual([]);
  });

  test.each([
    "if (step.does.startsWith('Count')) return;",
    'const isRest = /rest of the/.test(remedy.honest);',
    "caution.says.includes('goggles')",
    "if (row.why === 'it burns leaves') return;",
    "fullDate(on).replace(/^d+ /, '')",
  ])('the search finds %s', (line) => expect(asksProse(line)).not.toEqual([]));

  test('the server holds no sentence of its own', () => {
    const sentence = /(['"`])[A-Z][a-z]+(?: [a-zA-Z’']+){3,}[^'"`\n]*\1/g;
    const server = path.join(root, 'server/src');
    // What the command line says of itself, and the made-up household of the demo, are no words of the product.
    const apart = /main\.ts$|command-line\.ts$|serve\.ts$|demo\/|docs\.ts$/;
    const found = [...sources(server)]
      .filter((file) => !apart.test(file))
      .flatMap((file) =>
        fs
          .readFileSync(file, 'utf8')
          .split('\n')
          .filter((line) => !/^\s*(?:\*|\/\/|\/\*\*)/.test(line) && !/new Error\(/.test(line))
          .flatMap((line) => [...line.matchAll(sentence)].map(([hit]) => `${path.relative(root, file)}: ${hit}`)),
      );
    expect(found).toEqual([]);
  });
});
