import { randomUUID } from 'node:crypto';
import { calls, parseInput, type ActName, type OutputOf, type ParsedOf } from '@trowel/core/contract';
import { gardenTime } from '../clock';
import { oneGarden } from '../store/garden';
import { addLog, earlierResult } from '../store/log';
import { inTransaction } from '../store/rows';
import { rememberPlan, type Deps } from '../views/plan';

export type { Deps };

export interface ActContext extends Deps {
  readonly today: string;
}

export interface Done<Name extends ActName> {
  /** The case in whose log it stands. */
  readonly caseId: string | null;
  readonly result: OutputOf<Name>;
}

/**
 * Does one act of the table of calls, in one transaction, and logs it. The same command id twice is done
 * once: the second time the stored answer is given back.
 */
export function act<const Name extends ActName>(
  name: Name,
  does: (context: ActContext, input: ParsedOf<Name>, id: string) => Done<Name>,
) {
  const call = calls[name];
  return (deps: Deps, body: unknown, id = ''): OutputOf<Name> => {
    const input = parseInput(call.input, body ?? {}) as ParsedOf<Name> & { readonly commandId?: string };
    return inTransaction(deps.db, 'write', () => {
      const { today } = gardenTime(deps.clock(), oneGarden(deps.db).time_zone);
      const commandId = input.commandId ?? randomUUID();
      const earlier = earlierResult(deps.db, commandId);
      if (earlier !== undefined) return earlier as OutputOf<Name>;
      const { caseId, result } = does({ ...deps, today }, input, id);
      if (call.movesPlan) rememberPlan(deps);
      addLog(deps.db, {
        commandId,
        at: deps.clock().toISOString(),
        on: today,
        command: call.log.id,
        caseId,
        body: { ...input, ids: id === '' ? [] : [id] },
        result,
      });
      return result;
    });
  };
}
