export * from './leaf';
export * from './specks';
