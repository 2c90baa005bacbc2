import { stepResults } from '../tables/jobs';
import type { Tables } from '../tables/index';
import type { RoutineRow, RoutineWay } from '../tables/routines';

/** What is wrong with a routine: parts that follow none, findings that nobody is asked for, strengths there are not. */
export function routineProblems(
  { id, parts, ways, groups = [], label, begins, ends, honest, isAnywhere }: RoutineRow,
  { remedies }: Tables,
  need: (ok: boolean, problem: string) => void,
  refers: (table: 'remedies' | 'signs', id: string, from: string) => void,
): void {
  const name = `routine "${id}"`;
  const seen = new Map<string, RoutineRow['parts'][number]>();
  need(honest.length > 20 && begins.asks.length > 1 && begins.says.length > 5, `${name} says too little of itself`);
  need(parts.length > 1, `${name} has one part only; it is a job`);
  for (const part of parts) {
    const at = `part "${part.id}" of ${name}`;
    need(!seen.has(part.id), `${at} stands twice`);
    const { after, found = [], needs } = part.starts;
    need(needs === undefined || seen.has(needs), `${at} needs "${needs}", which does not stand above it`);
    const before = after === undefined ? undefined : seen.get(after);
    // Parts are written in their order, so that their days can be told in one go.
    need(after === undefined || before !== undefined, `${at} follows "${after}", which does not stand above it`);
    const asked = (before?.steps ?? []).flatMap(({ asks }): readonly string[] => (asks ? stepResults[asks] : []));
    for (const result of found)
      need(asked.includes(result), `${at} waits for "${result}", which "${after}" does not ask for`);
    const own = (part.steps ?? []).flatMap(({ asks }): readonly string[] => (asks ? stepResults[asks] : []));
    for (const result of Object.keys(part.pace ?? {}))
      need(own.includes(result), `${at} changes its pace on "${result}", which it does not ask for`);
    need(part.remedy !== undefined || (part.steps?.length ?? 0) > 0, `${at} puts nothing on and has no steps`);
    if (part.remedy !== undefined) refers('remedies', part.remedy, at);
    if (part.counts) refers('signs', part.counts.sign, at);
    const strengths = remedies.find((row) => row.id === part.remedy)?.recipe?.strengths ?? [];
    for (const strength of [part.strength, ...(ways?.of ?? []).map((way) => way.parts[part.id]?.strength)])
      need(
        strength === undefined || strengths.some((row) => row.id === strength),
        `${at} is mixed at "${strength}", which its remedy has not`,
      );
    need(
      part.group === undefined || groups.some((group) => group.id === part.group),
      `${at} is for the group "${part.group}", which there is not`,
    );
    need(!isAnywhere || part.remedy === undefined, `${at} puts something on, and needs no place`);
    for (const { id: step, after: base } of part.steps ?? [])
      need(
        base === undefined || part.steps?.some((row) => row.id === base) === true,
        `step "${step}" of ${at} follows "${base}", which is not there`,
      );
    seen.set(part.id, part);
  }
  for (const way of ways?.of ?? [])
    for (const [part, { remedy }] of Object.entries(way.parts)) {
      need(seen.has(part), `way "${way.id}" of ${name} changes "${part}", which there is not`);
      if (remedy !== undefined) refers('remedies', remedy, `way "${way.id}" of ${name}`);
    }
  for (const way of ways?.of ?? [usual])
    for (const { id: remedy, repeat } of remedies) {
      // All parts that put the same on the same plants are rounds of one remedy.
      const rhythms = parts.flatMap((part) => {
        const own = { ...part, ...way.parts[part.id] };
        return own.remedy === remedy && own.everyDays !== undefined ? [own.everyDays] : [];
      });
      if (!repeat || rhythms.length === 0) continue;
      const span = Math.min(repeat.inDays, ends?.days ?? repeat.inDays);
      const rounds = rhythms.reduce((sum, everyDays) => sum + Math.floor((span - 1) / everyDays) + 1, 0);
      need(
        rounds <= repeat.most,
        `${name} does "${remedy}" ${rounds} times in ${span} days; ${repeat.most} is the most`,
      );
      need(
        rhythms.every((everyDays) => everyDays >= repeat.everyDays[0]),
        `${name} does "${remedy}" every ${Math.min(...rhythms)} days; ${repeat.everyDays[0]} is the least`,
      );
    }
  need(
    label === undefined || seen.get(label.part)?.remedy !== undefined,
    `${name} goes by the label of what it does not give`,
  );
}

/** As it is done where there is no choice. */
const usual: Pick<RoutineWay, 'parts'> = { parts: {} };
