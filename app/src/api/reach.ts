/** Whether the garden's server answers; what is shown may then be older. */
interface Reach {
  readonly lost: boolean;
  /** Nothing has come back for a second. */
  readonly slow: boolean;
  /** When what is shown was fetched, where it was kept here. */
  readonly keptAt: number | undefined;
}

let state: Reach = { lost: false, slow: false, keptAt: undefined };
const listeners = new Set<() => void>();
function set(next: Partial<Reach>): void {
  const changed = { ...state, ...next };
  if (changed.lost === state.lost && changed.slow === state.slow && changed.keptAt === state.keptAt) return;
  state = changed;
  listeners.forEach((tell) => tell());
}

const slowAfter = 1000;
let open = 0;

export const reach = {
  state: () => state,
  isLost: () => state.lost,
  subscribe(tell: () => void) {
    listeners.add(tell);
    return () => void listeners.delete(tell);
  },
  answered: () => set({ lost: false, keptAt: undefined }),
  /** The server did not answer; what is shown was kept, where it is known since when. */
  lost: (keptAt?: number) => set({ lost: true, ...(keptAt === undefined ? {} : { keptAt }) }),
  /** Tells when an act stays unanswered; called again when it is answered. */
  waiting(): () => void {
    open += 1;
    const timer = setTimeout(() => set({ slow: true }), slowAfter);
    return () => {
      open -= 1;
      clearTimeout(timer);
      if (open === 0) set({ slow: false });
    };
  },
};
