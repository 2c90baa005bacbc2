import type { FeedShare, Helpers, PartDays, ShareReason, Spread } from '../jobs';
import {
  barrowMl,
  cm,
  inWords,
  litres,
  mgPerLitre,
  mL,
  mLPerLitre,
  plainNumber,
  squareMetres,
  type IsoDate,
  type MeasureSystem,
} from '../quantities';
import type { BatchKind, Layer } from '../tables';
import { dayWords } from './everyday/days';
import { capital, counted } from './everyday/language';
import { batchNames } from './brews';

const layerNames: Readonly<Record<Layer['of'], string>> = {
  'fresh-clippings': 'fresh clippings',
  compost: 'ripe compost',
  chips: 'bark chips',
};

/** "75 L of fresh clippings, 2.5 cm thick"; where a bed is not measured, only how thick. */
export function spreadWords({ of, cm: thick, inAll, sheets }: Spread, system: MeasureSystem): string {
  const depth = inWords(cm(Number(thick.toPrecision(2))), system);
  const stuff =
    inAll === null
      ? `${layerNames[of]}, ${depth} thick; how much is told once the beds are measured`
      : `${inWords(litres(Math.round(inAll)), system)} of ${layerNames[of]}, ${depth} thick${barrowWords(inAll, system)}`;
  return sheets === null ? stuff : `${counted(sheets, 'sheet', 'sheets')} of card; ${stuff}`;
}

/** More than one goes in a barrow. */
function barrowWords(inAll: number, system: MeasureSystem): string {
  const loads = Math.ceil((inAll * 1000) / barrowMl(system) - 1e-9);
  return loads < 2 ? '' : `: ${loads} barrow loads`;
}

/** "3.6 million for 7.2 m², in 3.6 L of water". */
export const helpersWords = ({ areas, millions, litres: water }: Helpers, system: MeasureSystem): string =>
  `${plainNumber(Number(millions.toPrecision(2)))} million for ${inWords(squareMetres(areas.reduce((sum, area) => sum + area, 0)), system)}, in ${inWords(litres(water), system)} of water`;

/** What each place gets of it; null where it is not measured. */
export const spreadShareWords = (place: string, share: number | null, system: MeasureSystem): string =>
  share === null
    ? place
    : `${place}: ${inWords(litres(share < 10 ? Number(share.toFixed(1)) : Math.round(share)), system)}`;

/** When a part is done: "3 June", "from 3 June, every 14 days, 7 times". */
export function partDaysWords(
  { from, rounds }: Pick<PartDays, 'from' | 'rounds'>,
  everyDays: number | undefined,
  today: IsoDate,
): string {
  const day = dayWords(from, today);
  if (everyDays === undefined) return capital(day);
  const often = everyDays === 1 ? 'every day' : `every ${everyDays} days`;
  return `From ${day}, ${often}${rounds === null ? '' : `, ${counted(rounds, 'time', 'times')}`}`;
}

/** A part that begins only where something was found. */
export const calledForWords = 'Only where a look calls for it';

/** What is made ahead for all rounds: "Shell extract: 240 mL in all, for 14 rounds". */
export const stockWords = (kind: BatchKind, ml: number, rounds: number, system: MeasureSystem): string =>
  `${batchNames[kind]}: ${inWords(mL(Math.ceil(ml / 10) * 10), system)} in all, for ${counted(rounds, 'round', 'rounds')}, with a tenth to spare`;

/** "2.5 mL/L, 66 mg/L of nitrogen", and why it is less than the share alone. */
export function feedShareWords({ mlPerLitre, nitrogen, isHeld }: FeedShare, system: MeasureSystem): string {
  const said = `${inWords(mLPerLitre(Number(mlPerLitre.toPrecision(2))), system)}, which is ${inWords(mgPerLitre(Math.round(nitrogen)), system)} of nitrogen`;
  return isHeld ? `${said}: held there, a quarter of the label would be too strong for them` : said;
}

/** Why a bed is treated as it is proposed where there is too little compost. */
export const shareReasonWords: Readonly<Record<ShareReason, string>> = {
  'very-poor': 'its ground is very poor: a thin layer would be lost on it',
  'poor-and-hungry': 'its ground is poor, and what grows here takes much',
  hungry: 'what grows here takes much',
  poor: 'its ground is poor, and nothing here takes much',
  'not-read': 'nobody has read its ground, and nothing here takes much',
  well: 'its ground is well',
};
