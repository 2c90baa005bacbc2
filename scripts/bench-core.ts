import { seeded } from '../core/src/chance';
import { schedule } from '../core/src/plan';
import { readLine } from '../core/src/read';
import { weigh, type Evidence } from '../core/src/weigh';
import { clinicRows } from './bench-clinic';
import { benchPlan, twelveJobs } from './bench-plan';
import { posterior } from '../core/src/weigh/infer';
import { modelOf, unknownNode } from '../core/src/weigh/model';
import { knowledge } from '../knowledge/src/reader';
import { longLines } from '../server/test/attempts';

export interface BenchRow {
  readonly part: 'weigh' | 'plan';
  readonly what: string;
  readonly value: string;
  readonly aim: string;
}

const warmRounds = 3;

/** Times the core on made-up but likely evidence: the signs of one or two causes, and others looked for in vain. */
export function benchCore(): BenchRow[] {
  const { upTo } = seeded(7);
  const pick = <Item>(list: readonly Item[]): Item => list[upTo(list.length - 1)] as Item;
  const situations = Array.from({ length: 120 }, () => evidenceOf(12, 12));

  function evidenceOf(seen: number, absent: number): Evidence[] {
    const likely = [pick(knowledge.causes), pick(knowledge.causes)].flatMap(({ signs }) =>
      signs.map(({ sign }) => sign),
    );
    const chosen = new Set(likely.slice(0, seen));
    while (chosen.size < seen) chosen.add(pick(knowledge.signs).id);
    const missing = new Set<string>();
    while (missing.size < absent) {
      const { id } = pick(knowledge.signs);
      if (!chosen.has(id)) missing.add(id);
    }
    return [
      ...[...chosen].map((sign) => ({ sign, state: 'seen' as const })),
      ...[...missing].map((sign) => ({ sign, state: 'absent' as const })),
    ];
  }

  const time = (runs: readonly (() => unknown)[]): string => {
    // Through a few times to warm up: the server and the open app have weighed before, and the engine
    // goes on compiling for some hundred calls.
    for (let round = 0; round < warmRounds; round += 1) for (const run of runs) run();
    const times = runs.map((run) => {
      const from = performance.now();
      run();
      return performance.now() - from;
    });
    times.sort((a, b) => a - b);
    return `${(times[Math.floor(times.length * 0.95)] ?? NaN).toFixed(1)} ms`;
  };

  const few = Array.from({ length: 60 }, () => evidenceOf(4, 3));
  const lines = [
    'sticky curled leaves and ants running up the stems',
    'oldest leaves yellow between the veins, no webbing',
    'dark sunken patch at the bottom of the fruit, watering was hit and miss',
  ];
  const problem = twelveJobs();
  return [
    {
      part: 'weigh',
      what: 'weigh, 12 seen and 12 absent, p95',
      value: time(
        situations.map((evidence) => () => {
          const model = modelOf(knowledge, { evidence });
          return posterior(model.network, model.observed, [unknownNode]);
        }),
      ),
      aim: '≤ 10 ms',
    },
    {
      part: 'weigh',
      what: 'weigh and next best check over all checks, 4 seen and 3 absent, p95',
      value: time(few.map((evidence) => () => weigh(knowledge, { evidence }, { withReasons: false }))),
      aim: '≤ 60 ms',
    },
    {
      part: 'weigh',
      what: 'the same with reasons and what would change them, p95',
      value: time(few.map((evidence) => () => weigh(knowledge, { evidence }))),
      aim: '',
    },
    {
      part: 'weigh',
      what: 'ten thousand letters to signs, the slowest kind',
      value: time(longLines.map((line) => () => readLine(knowledge, line))),
      aim: '< 100 ms',
    },
    {
      part: 'weigh',
      what: 'phrase to signs, p95',
      value: time(Array.from({ length: 60 }, (_, at) => () => readLine(knowledge, lines[at % 3] ?? ''))),
      aim: '≤ 5 ms',
    },
    {
      part: 'plan',
      what: 'plan, 12 open jobs, 8 weeks, p95',
      value: time(Array.from({ length: 20 }, () => () => schedule(problem))),
      aim: '≤ 50 ms',
    },
  ];
}

export { benchPlan };

export const benchClinic = (): BenchRow[] => clinicRows().map((row) => ({ ...row, part: 'weigh' }));
