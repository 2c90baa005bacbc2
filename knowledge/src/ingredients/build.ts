/** What a row is where nothing else is said of it: densities come from labels or from chemistry. */
export const liquid = { form: 'liquid', source: 'label', grade: 'guideline' } as const;
export const powder = { form: 'powder', source: 'chemistry', grade: 'guideline' } as const;
