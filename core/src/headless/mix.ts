import { mixRequest, type MixResponse } from '../contract/mix';
import { parseInput } from '../contract/problem';
import { mix } from '../mix';
import type { Tables } from '../tables';

/**
 * Mixes a request as it comes from a file or over HTTP.
 * @throws InputError naming the field, for input that does not fit.
 */
export const answerMix = (tables: Tables, body: unknown): MixResponse => mix(tables, parseInput(mixRequest, body));
