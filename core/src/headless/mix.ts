import { parseMixOrder, type MixOrder, type MixResponse } from '../contract/mix';
import { mix } from '../mix';
import { spokenIn } from '../quantities';
import type { Tables } from '../tables';
import { mixWords } from '../wording/mix';

/**
 * Mixes a request as it comes from a file or over HTTP, whichever of its ways it names.
 * @throws InputError naming the field, for input that does not fit.
 */
export const answerMix = (tables: Tables, body: unknown): MixResponse => answerOrder(tables, parseMixOrder(body));

/** The same for an order that has been read. */
export function answerOrder(tables: Tables, order: MixOrder): MixResponse {
  const spoken = spokenIn(tables, order.measures);
  return mixWords(spoken, mix(spoken, order), order.measures);
}
