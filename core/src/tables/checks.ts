import type { CheckId, Setting, SignId, Sourced } from './common';

/** One possible answer to a check and the evidence it gives. */
export interface CheckAnswer {
  readonly id: string;
  readonly says: string;
  readonly gives: readonly { readonly sign: SignId; readonly state: 'seen' | 'absent' }[];
}

export interface CheckRow extends Sourced {
  readonly id: CheckId;
  readonly name: string;
  /** The question as it is asked at the plant. */
  readonly ask: string;
  readonly settles: string;
  readonly minutes: number;
  /** Only where one of these has been seen: nobody can rub a white patch that is not there. */
  readonly whenSeen?: readonly SignId[];
  /** Only in these settings. */
  readonly settings?: readonly Setting[];
  /** Days until the answer is there (0: at once). */
  readonly waitDays: number;
  readonly needs: readonly string[];
  readonly steps: readonly string[];
  readonly answers: readonly CheckAnswer[];
  /** How to read the answer, and how sure it makes one. */
  readonly howSure: string;
}
