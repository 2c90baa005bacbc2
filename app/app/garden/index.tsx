export { GardenPage as default } from '@/steps/garden/GardenPage';
