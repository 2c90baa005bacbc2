import type { ReactNode } from 'react';

/** Stands in for what writes into a page's head: there is one page, and its head is written. */
export const HelmetProvider = ({ children }: { children: ReactNode }) => children;
export const Helmet = () => null;
