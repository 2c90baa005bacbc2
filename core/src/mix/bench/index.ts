import { inputError } from '../../problem';
import * as bait from './bait';
import * as brews from './brews';
import * as dilution from './dilution';
import * as doses from './doses';
import * as extraction from './extraction';
import * as feeds from './feeds';
import * as ground from './ground';
import * as growth from './growth';
import * as helpers from './helpers';
import * as soapWater from './soap-water';
import * as spray from './spray';
import type { BenchTool } from './tool';

export type { BenchTool } from './tool';
export type { FieldSpec, NumberUnit } from './field';
export { brewKinds, brewParts, daysToReady, type BrewKind } from './brews';
export { oneShell } from './extraction';
export { bedFields, bedSizeOf, cornersText, type BedSize } from './shapes';

/** By subject: a new sum in one of these files is on the bench by being exported there. */
const subjects = { doses, dilution, soapWater, bait, spray, extraction, feeds, brews, ground, helpers, growth };

const isTool = (value: unknown): value is BenchTool =>
  typeof value === 'object' && value !== null && 'answer' in value && 'fields' in value;

/** Everything the bench can work out without a case, subject by subject. */
export const benchTools: readonly BenchTool[] = Object.values(subjects).flatMap((subject) =>
  Object.values(subject as Record<string, unknown>).filter(isTool),
);

/** @throws InputError naming the tools there are. */
export function benchTool(id: string): BenchTool {
  const tool = benchTools.find((candidate) => candidate.id === id);
  if (!tool) throw inputError('tool', 'unknown-of', { given: id, known: benchTools.map((row) => row.id).join(', ') });
  return tool;
}
