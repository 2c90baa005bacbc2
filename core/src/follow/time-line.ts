import type { IsoDate } from '../quantities';

/** What happened, or is to happen, on a day of a case. */
export type TimeMarkKind = 'opened' | 'done' | 'put-on' | 'counted' | 'to-do' | 'to-look';

export interface TimeMark {
  readonly on: IsoDate;
  readonly kind: TimeMarkKind;
  /** Whose: names of remedies, or what is to be done. */
  readonly says: readonly string[];
}

export interface TimeLine {
  readonly from: IsoDate;
  readonly to: IsoDate;
  /** By day; each kind once a day. */
  readonly marks: readonly TimeMark[];
  /** What comes next, from today on. */
  readonly next: readonly TimeMark[];
}

/** A case as its line of time takes it. */
export interface Timed {
  readonly openedOn: IsoDate;
  readonly today: IsoDate;
  readonly jobs: readonly {
    readonly remedyName: string;
    readonly steps: readonly {
      readonly date: IsoDate | null;
      readonly state: 'done' | 'skipped' | 'passed' | 'planned' | 'unplaced';
      readonly phase: 'prepare' | 'before' | 'apply' | 'after' | 'look';
      readonly does: string;
    }[];
    readonly applied: readonly { readonly on: IsoDate }[];
    readonly counts: readonly { readonly on: IsoDate }[];
  }[];
}

interface Single {
  readonly on: IsoDate;
  readonly kind: TimeMarkKind;
  readonly says: string;
}

const order: readonly TimeMarkKind[] = ['opened', 'counted', 'put-on', 'done', 'to-do', 'to-look'];

/** Everything that was done and counted in a case, and what is to come, on one line of days. */
export function timeLineOf({ openedOn, today, jobs }: Timed): TimeLine {
  const single: Single[] = [
    { on: openedOn, kind: 'opened', says: 'Case opened' },
    ...jobs.flatMap(({ remedyName, steps, applied, counts }) => {
      const putOn = new Set(applied.map(({ on }) => on));
      const counted = new Set(counts.map(({ on }) => on));
      return [
        ...[...putOn].map((on): Single => ({ on, kind: 'put-on', says: remedyName })),
        ...[...counted].map((on): Single => ({ on, kind: 'counted', says: remedyName })),
        ...steps.flatMap(({ date, state, phase, does }): Single[] => {
          if (date === null || (state !== 'done' && state !== 'planned')) return [];
          // What was put on or counted stands there already as that.
          if (state === 'done')
            return (phase === 'apply' && putOn.has(date)) || (phase === 'look' && counted.has(date))
              ? []
              : [{ on: date, kind: 'done', says: does }];
          return [{ on: date, kind: phase === 'look' ? 'to-look' : 'to-do', says: does }];
        }),
      ];
    }),
  ];
  const marks = new Map<string, TimeMark>();
  for (const { on, kind, says } of single) {
    const key = `${on} ${kind}`;
    const known = marks.get(key);
    marks.set(key, { on, kind, says: [...new Set([...(known?.says ?? []), says])] });
  }
  const sorted = [...marks.values()].sort(
    (a, b) => a.on.localeCompare(b.on) || order.indexOf(a.kind) - order.indexOf(b.kind),
  );
  const days = [...sorted.map(({ on }) => on), today].sort();
  return {
    from: days[0] ?? today,
    to: days[days.length - 1] ?? today,
    marks: sorted,
    next: sorted.filter(({ on, kind }) => on >= today && (kind === 'to-do' || kind === 'to-look')),
  };
}
