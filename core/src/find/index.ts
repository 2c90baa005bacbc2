export { find, type Findable, type Found, type FoundKind } from './find';
export { fillFrom, fillText, type Fill } from './fill';
