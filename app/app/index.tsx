export { TodayPage as default } from '@/steps/today/TodayPage';
