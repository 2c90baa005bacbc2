export { BedPage as default } from '@/steps/garden/BedPage';
