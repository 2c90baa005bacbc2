import { fromWorkshop } from '@/ui/FromWorkshop';

export default fromWorkshop('RoutinePage');
