export { CasesPage as default } from '@/steps/cases/CasesPage';
