/** A thread of its own for the population model. */
export const whatIfWorker = (): Worker => new Worker(new URL('./what-if.worker.ts', import.meta.url));
/** A thread of its own for measuring leaves. */
export const measureWorker = (): Worker => new Worker(new URL('./measure.worker.ts', import.meta.url));
