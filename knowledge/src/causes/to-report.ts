/** What many countries want to be told of, and what looks like it. */
import type { CauseRow } from '@trowel/core/tables';
import { cause, fedBy, habit, months, not, shows } from '../build';
import { outside } from './outside';

const guideline = { source: 'extension', grade: 'guideline' } as const;

export const toReport: readonly CauseRow[] = [
  cause({
    id: 'plum-pox',
    name: 'Plum pox (sharka)',
    kind: 'disease',
    plain: 'A virus of plums and peaches with pale rings on leaves and fruit. In many countries it must be reported.',
    prior: {
      base: 0.03,
      bySetting: outside,
      months: months(4, 10),
      byRegion: { 'north-america': 0.1, australasia: 0.02 },
    },
    hosts: ['plum', 'peach'],
    elsewhere: 0.0005,
    causes: [fedBy('aphids', 1.5, 'they carry it')],
    signs: [
      shows('ring-marks', 0.9, 'pale rings show on leaves and fruit'),
      shows('mosaic', 0.5, 'leaves mottle'),
      shows('fruitlets-drop', 0.35, 'fruit falls early', 'One in three: it depends on the kind of plum.'),
    ],
    act: 'report',
    weight: 1.3,
    avoid: [habit('Grafts and cuttings from it', 'it travels in wood')],
    ...guideline,
  }),
  cause({
    id: 'ash-dieback',
    name: 'Ash dieback',
    kind: 'disease',
    plain:
      'A fungus of ash: leaves wilt black in summer, shoots die, diamond-shaped sunken bark where side shoots join.',
    prior: { base: 0.2, bySetting: outside, byRegion: { 'north-america': 0.01, australasia: 0.01 } },
    hosts: ['ash'],
    elsewhere: 0.0005,
    signs: [
      shows('branch-dieback', 0.93, 'it runs from the leaf into the shoot'),
      shows(
        'canker',
        0.6,
        'sunken diamonds at the joints',
        'Three in five: young trees show it, in tall crowns it is out of sight.',
      ),
      shows('sudden-drop', 0.4, 'leaves fall black', 'Two in five: many killed leaves hang on.'),
    ],
    act: 'ask-expert',
    actIn: { 'north-america': 'report', australasia: 'report' },
    weight: 1.2,
    avoid: [not('Climbing or cutting it yourself', 'dead ash breaks without warning', 'prune-out')],
    ...guideline,
  }),
  cause({
    id: 'regulated-borer',
    name: 'Jewel beetle in ash or birch',
    kind: 'pest',
    plain:
      'D-shaped holes and a thinning crown can be a borer that kills whole regions’ trees. Report, do not move wood.',
    prior: { base: 0.001, bySetting: { tree: 2 }, byRegion: { 'north-america': 3 } },
    signs: [
      shows('bore-holes', 0.3, 'a D looks round from afar'),
      shows(
        'd-holes',
        0.9,
        'the beetles leave by a D',
        'D-shaped holes are the mark of the family; high in the crown they are not seen.',
      ),
      shows('branch-dieback', 0.7, 'the crown thins from the top'),
    ],
    act: 'report',
    weight: 1.5,
    avoid: [habit('Moving firewood', 'the beetle travels in it')],
    source: 'extension',
    grade: 'guideline',
  }),
  cause({
    id: 'lanternfly',
    name: 'Spotted lanternfly',
    kind: 'pest',
    plain:
      'Thumbnail-long hoppers from Asia that suck vines and trees in crowds and drip honeydew. New places must be reported.',
    prior: {
      base: 0.004,
      bySetting: outside,
      months: months(5, 11),
      byRegion: { 'north-america': 3, asia: 3, europe: 0.1, australasia: 0.02, africa: 0.02, 'south-america': 0.02 },
    },
    hosts: ['grape', 'apple', 'cherry', 'plum', 'peach', 'maple', 'rose', 'tree'],
    elsewhere: 0.2,
    signs: [
      shows('spotted-planthoppers', 0.93, 'they sit in crowds on stem and trunk', 'Nearly always: they are large.'),
      shows('honeydew', 0.6, 'they drip sugar water'),
      shows('sooty-film', 0.35, 'mould grows on what they drip'),
    ],
    act: 'report',
    actIn: { asia: 'treat-now' },
    weight: 1.4,
    avoid: [habit('Moving firewood, pallets or pots', 'its mud-like egg masses travel on anything')],
    ...guideline,
  }),
  cause({
    id: 'xylella',
    name: 'Xylella scorch',
    kind: 'disease',
    plain:
      'Bacteria that block the sap of hundreds of plants, carried by froghoppers. In most countries it must be reported.',
    prior: {
      base: 0.003,
      bySetting: outside,
      months: months(6, 11),
      byRegion: { 'north-america': 3, 'south-america': 2, australasia: 0.02, africa: 0.1 },
    },
    hosts: ['tree', 'laurel', 'rosemary', 'cherry', 'grape', 'plum', 'peach', 'citrus', 'maple'],
    elsewhere: 0.1,
    causes: [fedBy('spittlebugs', 1.5, 'froghoppers carry it')],
    signs: [
      shows(
        'banded-scorch',
        0.85,
        'the leaf dies from its edge, and a yellow band goes before',
        'Most kinds show it by late summer; on olive and lavender the edge only dries.',
      ),
      shows('crisp-edges', 0.5, 'edges dry up'),
      shows('branch-dieback', 0.6, 'twig after twig runs dry'),
    ],
    act: 'report',
    weight: 1.5,
    avoid: [habit('Cuttings, and moving plants', 'it travels inside plants that still look well')],
    ...guideline,
  }),
  cause({
    id: 'citrus-greening',
    name: 'Citrus greening',
    kind: 'disease',
    plain:
      'Bacteria that psyllids carry from citrus to citrus: blotched leaves, lopsided fruit that stays green, and no cure.',
    prior: {
      base: 0.004,
      byRegion: { asia: 8, 'north-america': 5, 'south-america': 6, africa: 4, europe: 0.1, australasia: 0.05 },
    },
    hosts: ['citrus'],
    elsewhere: 0.0005,
    causes: [fedBy('psyllids', 3, 'they carry it from tree to tree')],
    signs: [
      shows(
        'lopsided-mottle',
        0.9,
        'the two halves of a leaf blotch differently',
        'Nearly always: a shortage is the same on both halves.',
      ),
      shows('fruitlets-drop', 0.4, 'fruit falls early'),
      shows('branch-dieback', 0.4, 'twigs die back'),
    ],
    act: 'report',
    weight: 1.5,
    avoid: [habit('Budwood, and moving citrus', 'it travels in wood and with the psyllid')],
    ...guideline,
  }),
];
