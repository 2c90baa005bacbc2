import { knowledge } from '@trowel/knowledge/reader';

/** In tests the reader of lines is there at once. */
export const useReader = () => knowledge;
