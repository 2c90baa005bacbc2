import type { NamedMark } from '../mark';
import { algae } from './algae';
import { angular } from './angular';
import { antLine } from './ant-line';
import { beadsTip } from './beads-tip';
import { brownSpots } from './brown-spots';
import { butterfly } from './butterfly';
import { cap } from './cap';
import { caterpillar } from './caterpillar';
import { crispEdge } from './crisp-edge';
import { crust } from './crust';
import { cupped } from './cupped';
import { curled } from './curled';
import { drips } from './drips';
import { drySoil } from './dry-soil';
import { ec } from './ec';
import { eggs } from './eggs';
import { emptySpoon } from './empty-spoon';
import { feedBag } from './feed-bag';
import { fizz } from './fizz';
import { fleaBeetle } from './flea-beetle';
import { frass } from './frass';
import { fuzz } from './fuzz';
import { gnats } from './gnats';
import { halfPale } from './half-pale';
import { hardTap } from './hard-tap';
import { holes } from './holes';
import { hopper } from './hopper';
import { husks } from './husks';
import { keeled } from './keeled';
import { ladybirdLarva } from './ladybird-larva';
import { lowestYellow } from './lowest-yellow';
import { lush } from './lush';
import { manyDrops } from './many-drops';
import { moonCold } from './moon-cold';
import { mummies } from './mummies';
import { newLeaf } from './new-leaf';
import { noDrops } from './no-drops';
import { oldLeaf } from './old-leaf';
import { palePlant } from './pale-plant';
import { phHigh } from './ph-high';
import { phLow } from './ph-low';
import { pinHoles } from './pin-holes';
import { potatoSlice } from './potato-slice';
import { powder } from './powder';
import { probeStops } from './probe-stops';
import { puddle } from './puddle';
import { rotten } from './rotten';
import { runOff } from './run-off';
import { sideways } from './sideways';
import { silverStreaks } from './silver-streaks';
import { slime } from './slime';
import { smallPlant } from './small-plant';
import { smell } from './smell';
import { soot } from './soot';
import { spentSeedLeaves } from './spent-seed-leaves';
import { split } from './split';
import { stillAir } from './still-air';
import { stipple } from './stipple';
import { strongFeed } from './strong-feed';
import { sun } from './sun';
import { sunPatch } from './sun-patch';
import { sunkenEnd } from './sunken-end';
import { unevenDrops } from './uneven-drops';
import { veinsGreen } from './veins-green';
import { walkingDots } from './walking-dots';
import { web } from './web';
import { wedgeBurn } from './wedge-burn';
import { weedFlush } from './weed-flush';
import { wetSoil } from './wet-soil';
import { whiteCloud } from './white-cloud';
import { whiteMarks } from './white-marks';
import { wilted } from './wilted';

/** Marks that are drawings of their own, by name. */
export const namedMarks: Readonly<Record<string, NamedMark>> = {
  'beads-tip': beadsTip,
  husks,
  drips,
  'ant-line': antLine,
  soot,
  mummies,
  'ladybird-larva': ladybirdLarva,
  'white-cloud': whiteCloud,
  stipple,
  web,
  'walking-dots': walkingDots,
  'silver-streaks': silverStreaks,
  hopper,
  holes,
  'pin-holes': pinHoles,
  'flea-beetle': fleaBeetle,
  frass,
  caterpillar,
  eggs,
  butterfly,
  slime,
  'weed-flush': weedFlush,
  'probe-stops': probeStops,
  puddle,
  cap,
  'run-off': runOff,
  fizz,
  'ph-high': phHigh,
  'ph-low': phLow,
  ec,
  'uneven-drops': unevenDrops,
  'many-drops': manyDrops,
  'no-drops': noDrops,
  'feed-bag': feedBag,
  'strong-feed': strongFeed,
  'empty-spoon': emptySpoon,
  'hard-tap': hardTap,
  'still-air': stillAir,
  'moon-cold': moonCold,
  curled,
  cupped,
  'half-pale': halfPale,
  powder,
  'white-marks': whiteMarks,
  angular,
  fuzz,
  'sunken-end': sunkenEnd,
  split,
  'sun-patch': sunPatch,
  'brown-spots': brownSpots,
  'veins-green': veinsGreen,
  'old-leaf': oldLeaf,
  'new-leaf': newLeaf,
  'pale-plant': palePlant,
  'lowest-yellow': lowestYellow,
  'small-plant': smallPlant,
  lush,
  'crisp-edge': crispEdge,
  'wedge-burn': wedgeBurn,
  crust,
  'spent-seed-leaves': spentSeedLeaves,
  wilted,
  'wet-soil': wetSoil,
  'dry-soil': drySoil,
  sun,
  rotten,
  sideways,
  gnats,
  'potato-slice': potatoSlice,
  algae,
  smell,
  keeled,
};
