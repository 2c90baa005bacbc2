import { randomUUID } from 'node:crypto';
import { calls, parseInput, type ActName, type OutputOf, type ParsedOf } from '@trowel/core/contract';
import { gardenTime } from '../clock';
import { oneGarden } from '../store/garden';
import { addLog, earlierResult } from '../store/log';
import { inTransaction } from '../store/remembered';
import { rememberPlan, type Deps } from '../views/plan';

export type { Deps };

export interface ActContext extends Deps {
  readonly today: string;
  /** What is made takes it for its own id where the app must know that id before it is answered. */
  readonly commandId: string;
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
  return (deps: Deps, body: unknown, id = '', waitedMs = 0): OutputOf<Name> => {
    const input = parseInput(call.input, body ?? {}) as ParsedOf<Name> & { readonly commandId?: string };
    return inTransaction(deps.db, 'write', () => {
      const pressed = new Date(deps.clock().getTime() - waitedMs);
      const { today } = gardenTime(pressed, oneGarden(deps.db).time_zone);
      const commandId = input.commandId ?? randomUUID();
      const earlier = earlierResult(deps.db, commandId);
      if (earlier !== undefined) return earlier as OutputOf<Name>;
      const { caseId, result } = does({ ...deps, clock: () => pressed, today, commandId }, input, id);
      if (call.movesPlan) rememberPlan(deps);
      addLog(deps.db, {
        commandId,
        at: pressed.toISOString(),
        on: today,
        command: call.log.id,
        caseId,
        body: { ...input, ids: id === '' ? [] : [id] },
        result,
        device: deps.device,
      });
      return result;
    });
  };
}
