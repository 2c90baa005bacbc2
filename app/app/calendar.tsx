export { CalendarPage as default } from '@/steps/calendar/CalendarPage';
