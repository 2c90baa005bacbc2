/** On an answer that the service worker kept: when it was given. */
export const keptHeader = 'trowel-kept';
