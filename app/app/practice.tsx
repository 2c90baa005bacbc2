export { PracticePage as default } from '@/steps/practice/PracticePage';
