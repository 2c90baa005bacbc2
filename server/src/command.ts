import { randomUUID } from 'node:crypto';
import { parseInput } from '@trowel/core/contract';
import type { Tables } from '@trowel/core/tables';
import type { z } from 'zod';
import { gardenTime, type Clock } from './clock';
import type { Db } from './database';
import { oneGarden } from './store/garden';
import { addLog, earlierResult } from './store/log';
import { rememberPlan } from './views/plan';

export interface Deps {
  readonly db: Db;
  readonly tables: Tables;
  readonly clock: Clock;
}

export interface CommandContext extends Deps {
  readonly today: string;
}

/** After these the open steps are laid out anew and remembered. */
const movesThePlan = new Set([
  'choose-remedy',
  'end-treatment',
  'record-step',
  'close-case',
  'reopen-case',
  'change-garden',
]);

export type Done = { readonly caseId: string | null; readonly result: Record<string, unknown> };

/**
 * Does one command in one transaction and logs it. The same command id twice is done once: the
 * second time the stored answer is given back.
 */
export function command<Schema extends z.ZodType<{ commandId?: string | undefined }>>(
  name: string,
  schema: Schema,
  act: (context: CommandContext, input: z.output<Schema>, ...ids: string[]) => Done,
) {
  return (deps: Deps, body: unknown, ...ids: string[]): Record<string, unknown> => {
    const input = parseInput(schema, body ?? {});
    return deps.db
      .transaction(() => {
        const { today } = gardenTime(deps.clock(), oneGarden(deps.db).time_zone);
        const commandId = input.commandId ?? randomUUID();
        const earlier = earlierResult(deps.db, commandId);
        if (earlier !== undefined) return earlier as Record<string, unknown>;
        const { caseId, result } = act({ ...deps, today }, input, ...ids);
        if (movesThePlan.has(name)) rememberPlan(deps);
        addLog(deps.db, {
          commandId,
          at: deps.clock().toISOString(),
          on: today,
          command: name,
          caseId,
          body: { ...input, ids },
          result,
        });
        return result;
      })
      .immediate();
  };
}
