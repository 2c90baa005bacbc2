export { PlatesPage as default } from '@/steps/plates/PlatesPage';
