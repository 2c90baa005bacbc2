export { NewCasePage as default } from '@/steps/cases/NewCasePage';
