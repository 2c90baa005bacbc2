import fs from 'node:fs';
import path from 'node:path';
import { answerFollow, answerMix, answerPlan, answerWeigh } from '@trowel/core/headless';
import { parseInput, recipeDocument } from '@trowel/core/contract';
import { benchTools } from '@trowel/core/mix';
import { knowledge } from '@trowel/knowledge';
import { countRows } from '../src/app';
import { standInWeather } from '../src/weather/stand-in';

const docs = path.join(__dirname, '..', '..', 'docs');
const page = (name: string) => fs.readFileSync(path.join(docs, name), 'utf8');
const example = (name: string): unknown => JSON.parse(page(`examples/${name}.json`));

describe('the documents are true', () => {
  test.each(benchTools.map((tool) => [tool.id, tool] as const))(
    '%s stands in the headless page with every field',
    (id, tool) => {
      const text = page('headless.md');
      const row = text.split('\n').find((line) => line.startsWith(`| \`${id}\` |`)) ?? '';
      const bed = ['shape', 'length', 'width', 'across', 'cutLength', 'cutWidth', 'outline', 'area'];
      for (const field of Object.keys(tool.fields))
        expect(row.includes(`\`${field}\``) || (row.includes('*bed*') && bed.includes(field))).toBe(true);
    },
  );

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

  test('the numbers of rows are those there are', () => {
    const text = page('knowledge.md');
    const counts = countRows(knowledge);
    for (const [word, table] of [
      ['plants', 'plants'],
      ['weeds', 'weeds'],
      ['causes', 'causes'],
      ['signs', 'signs'],
      ['checks', 'checks'],
      ['remedies', 'remedies'],
      ['ingredients', 'ingredients'],
      ['safety rules', 'safetyRules'],
    ] as const)
      expect(text).toContain(`${counts[table]} ${word}`);
  });
});
