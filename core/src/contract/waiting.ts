import type { ActName, InputOf, OutputOf } from './api';

/** With a command that waited: how long ago it was pressed, in ms. */
export const waitedHeader = 'waited-ms';
/** Sixty days; what waited longer is done as of then. */
export const longestWaitMs = 60 * 24 * 3600 * 1000;

type Body<Name extends ActName> = Omit<InputOf<Name>, 'commandId'>;
/** What the page goes on with until the answer is there. `commandId` is the id of what is made, where something is. */
type Assumed = { readonly [Name in ActName]?: (commandId: string, body: Body<Name>) => OutputOf<Name> };

const nothing = () => ({});
const noneEnded = () => ({ jobs: [] });

/**
 * What can be done in the garden without reaching the server: it waits and is sent later, in order and once. An act
 * that is not here needs its answer (what is planned, mixed or measured by the server) and says that it is not reached.
 */
export const canWait = {
  openCase: (id) => ({ id }),
  addEvidence: () => ({ understood: [], perhaps: [], tried: [], notUnderstood: [] }),
  answerCheck: nothing,
  recordStep: nothing,
  addCount: (id) => ({ id, ticked: [] }),
  takeBackCount: nothing,
  noteDoing: nothing,
  closeCase: noneEnded,
  reopenCase: nothing,
  endJob: noneEnded,
  resumeJob: nothing,
  setBloom: nothing,
  setHarvest: nothing,
  setSprouted: nothing,
  setHowMany: nothing,
  keepIngredient: (_, { ingredient }) => ({ ingredient }),
  dropIngredient: nothing,
  noteVessel: nothing,
  noteBatch: nothing,
} satisfies Assumed;

/** What there is to say of an answer that comes when the page has moved on; undefined: nothing. */
export function lateWords(name: ActName, answer: unknown): string | undefined {
  if (name !== 'addEvidence') return undefined;
  const { notUnderstood } = answer as OutputOf<'addEvidence'>;
  return notUnderstood.length === 0
    ? undefined
    : `Not understood, and not guessed at: ${notUnderstood.map((words) => `“${words}”`).join(', ')}.`;
}
