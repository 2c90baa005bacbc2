import { knowledge } from '@trowel/knowledge/reader';
import { lessonDigest } from '../../scripts/lessons';

test('the reader has learned from the voices and tables as they are (else: npm run fit)', () => {
  expect(knowledge.meanings?.from).toBe(lessonDigest(knowledge));
  expect(knowledge.meanings?.signs).toEqual(knowledge.signs.map(({ id }) => id));
});
