/** Causes that are met with the same hands, so that it matters less which of them it is. */
import type { CauseFamily, CauseRow } from '@trowel/core/tables';

const families: Readonly<Record<CauseFamily, readonly string[]>> = {
  caterpillars: ['cabbage-caterpillars', 'caterpillars-other', 'hornworm', 'tent-caterpillars', 'box-moth'],
  'leaf-beetles': [
    'japanese-beetle',
    'cucumber-beetles',
    'lily-beetle',
    'rosemary-beetle',
    'asparagus-beetle',
    'viburnum-beetle',
  ],
  'sap-suckers': [
    'aphids',
    'whitefly',
    'leafhopper',
    'potato-leafhopper',
    'thrips',
    'woolly-aphid',
    'cabbage-whitefly',
    'lace-bugs',
    'psyllids',
    'conifer-aphids',
  ],
  mites: ['spider-mites', 'russet-mites', 'broad-mites'],
  'hard-sap-suckers': ['mealybugs', 'scale-insects'],
  'root-maggots': ['cabbage-root-fly', 'carrot-fly', 'onion-fly', 'bean-seed-fly'],
  'root-grubs': ['chafer-grubs', 'crane-fly', 'vine-weevil', 'cutworm'],
  'leaf-spots': [
    'leaf-spots',
    'early-blight',
    'black-spot',
    'anthracnose',
    'bacterial-spot',
    'shothole',
    'septoria',
    'halo-blight',
    'chocolate-spot',
    'grape-black-rot',
  ],
  'bark-diseases': ['canker-disease', 'coral-spot', 'silver-leaf-disease'],
  wilts: ['vascular-wilt', 'bacterial-wilt', 'stem-rot', 'root-rot'],
  'onion-rots': ['onion-white-rot', 'basal-rot', 'soft-rot'],
  'fruit-borers': [
    'codling-moth',
    'raspberry-beetle',
    'spotted-wing-fly',
    'plum-moth',
    'apple-sawfly',
    'cherry-fruit-fly',
    'pear-midge',
  ],
  weedkillers: ['herbicide', 'manure-herbicide', 'systemic-weedkiller'],
};
const familyOf = new Map(
  Object.entries(families).flatMap(([family, ids]) => ids.map((id) => [id, family as CauseFamily] as const)),
);

/** A cause with the family that it belongs to, where it has one. */
export function inFamily(row: CauseRow): CauseRow {
  const family = familyOf.get(row.id);
  return family === undefined ? row : { ...row, family };
}
