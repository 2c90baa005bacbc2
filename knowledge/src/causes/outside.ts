/** Where causes are met: priors that several share. */
import { habit } from '../build';

export const outside = { indoors: 0.1 } as const;

export const noCompost = habit('Composting it at home', 'it lives on in the heap');
