import type { Draw, MarkOf } from '../mark';
import { crumbs } from './crumbs';
import { fallsApart } from './falls-apart';
import { froth } from './froth';
import { gaps } from './gaps';
import { grains } from './grains';
import { hole } from './hole';
import { jarClay } from './jar-clay';
import { jarSand } from './jar-sand';
import { mottles } from './mottles';
import { noWorms } from './no-worms';
import { ribbon } from './ribbon';
import { ring } from './ring';
import { runs } from './runs';
import { scrape } from './scrape';
import { worms } from './worms';

const kinds: Record<MarkOf<'ground'>['kind'], Draw<'ground'>> = {
  grains,
  crumbs,
  mottles,
  hole,
  ring,
  ribbon,
  'falls-apart': fallsApart,
  'jar-sand': jarSand,
  'jar-clay': jarClay,
  gaps,
  runs,
  scrape,
  worms,
  'no-worms': noWorms,
  froth,
};

export const ground: Draw<'ground'> = (drawn) => kinds[drawn.mark.kind](drawn);
