export * from '../measures/days';
