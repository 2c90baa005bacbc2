export { ReviewPage as default } from '@/steps/notebook/ReviewPage';
