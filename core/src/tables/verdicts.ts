export const verdicts = ['solved', 'on-the-way', 'too-early', 'no-change', 'worse', 'plant-harmed'] as const;
export type Verdict = (typeof verdicts)[number];
