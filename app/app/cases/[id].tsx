export { CasePage as default } from '@/steps/cases/CasePage';
