/** Where causes are met: priors that several share. */
import { not } from '../build';

export const outside = { indoors: 0.1 } as const;

export const noCompost = not('Composting it at home', 'it lives on in the heap');
