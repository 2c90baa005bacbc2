export { LabelsPage as default } from '@/steps/mix/LabelsPage';
