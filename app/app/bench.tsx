export { BenchPage as default } from '@/steps/mix/BenchPage';
