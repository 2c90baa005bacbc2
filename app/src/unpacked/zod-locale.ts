/** The one language of zod's own messages that ships; ours come from core/contract/problem. */
export { default as en } from 'zod/v4/locales/en.js';
