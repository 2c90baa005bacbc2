import { inputError } from '../../contract/problem';
import { antBait } from './bait';
import { brew } from './brews';
import { dilute, peroxide, strengthChange } from './dilution';
import { calciumMagnesium, shellExtract } from './extraction';
import { epsom, labelFeed, seedMix } from './feeds';
import { cardboard, clippings, mulch, perArea } from './ground';
import { bti, mustard, nematodes } from './helpers';
import { soapShake, soapWater } from './soap-water';
import { cost, potSoak, sprayVolume } from './spray';
import type { BenchTool } from './tool';

export type { BenchTool } from './tool';
export type { FieldSpec } from './field';
export { brewKinds, brewParts, daysToReady, type BrewKind } from './brews';

/** Everything the bench can work out without a case, in the order it is offered. */
export const benchTools: readonly BenchTool[] = [
  dilute,
  strengthChange,
  soapWater,
  soapShake,
  peroxide,
  antBait,
  sprayVolume,
  potSoak,
  shellExtract,
  calciumMagnesium,
  labelFeed,
  epsom,
  brew,
  seedMix,
  mulch,
  cardboard,
  clippings,
  perArea,
  nematodes,
  bti,
  mustard,
  cost,
];

/** @throws InputError naming the tools there are. */
export function benchTool(id: string): BenchTool {
  const tool = benchTools.find((candidate) => candidate.id === id);
  if (!tool) throw inputError('tool', `"${id}" is not known; known: ${benchTools.map((row) => row.id).join(', ')}`);
  return tool;
}
