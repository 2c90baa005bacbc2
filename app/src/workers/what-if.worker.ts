import { whatIf, type Known, type Scenario, type WhatIfResult } from '@trowel/core/simulate';

/** Off the page's thread: thousands of runs of the population model, with the share that is done on the way. */

export interface AskedWhatIf {
  readonly known: Known;
  readonly scenarios: readonly Scenario[];
  readonly runs: number;
}
export type ToldWhatIf =
  | { readonly kind: 'progress'; readonly share: number }
  | { readonly kind: 'result'; readonly result: WhatIfResult }
  | { readonly kind: 'broken'; readonly why: string };

const tell = (told: ToldWhatIf) => self.postMessage(told);

self.onmessage = ({ data: { known, scenarios, runs } }: MessageEvent<AskedWhatIf>) => {
  try {
    const result = whatIf(known, scenarios, { runs, progress: (share) => tell({ kind: 'progress', share }) });
    tell({ kind: 'result', result });
  } catch (error) {
    tell({ kind: 'broken', why: error instanceof Error ? error.message : String(error) });
  }
};
