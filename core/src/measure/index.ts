export * from './leaf';
export * from './looks';
export * from './specks';
