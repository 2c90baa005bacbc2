import fs from 'node:fs';
import path from 'node:path';
import { answerFollow, answerMix, answerPlan, answerWeigh } from '@trowel/core/headless';
import { parseInput, recipeDocument } from '@trowel/core/contract';
import { knowledge } from '@trowel/knowledge';
import { callTable, toolTable, withTable } from '../src/docs';
import { countRows } from '../src/handlers';
import { standInWeather } from '../src/weather/stand-in';

const docs = path.join(__dirname, '..', '..', 'docs');
const page = (name: string) => fs.readFileSync(path.join(docs, name), 'utf8');
const example = (name: string): unknown => JSON.parse(page(`examples/${name}.json`));

describe('the documents are true', () => {
  test.each([
    ['headless.md', 'tools', toolTable],
    ['api.md', 'calls', callTable],
  ] as const)('%s holds the %s there are (npm run docs writes it)', (name, table, make) => {
    const text = page(name);
    const made = withTable(text, table, make());
    if (process.env.WRITE_DOCS === '1') fs.writeFileSync(path.join(docs, name), made);
    else expect(text).toBe(made);
    expect(made.split('\n').length).toBeGreaterThan(20);
  });

  test('the examples are answered', () => {
    expect(answerWeigh(knowledge, example('weigh')).causes.length).toBeGreaterThan(0);
    expect(answerMix(knowledge, example('mix')).kind).toBe('mix');
    expect(answerMix(knowledge, example('mix-shells')).kind).toBe('worked');
    expect(answerMix(knowledge, example('mix-ask')).kind).toBe('refused');
    expect(answerPlan(knowledge, example('plan'), standInWeather)).toBeDefined();
    expect(answerFollow(knowledge, example('follow'))).toBeDefined();
    const recipe = parseInput(recipeDocument, example('recipe'));
    expect(answerMix(knowledge, { recipe, volume: { amount: 1, unit: 'L' } }).kind).toBe('mix');
  });

  test('there is at least as much knowledge as the page says', () => {
    const counts = countRows(knowledge);
    const told = [...page('knowledge.md').matchAll(/^\| (\w+) \| (\d+) \|/gm)];
    expect(told.length).toBeGreaterThan(8);
    for (const [, table, floor] of told)
      expect(counts[table as keyof typeof counts]).toBeGreaterThanOrEqual(Number(floor));
  });
});
