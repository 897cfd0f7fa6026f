import { CalendarView } from '@/ui/calendar/calendar-view';

export default function Page() {
  return <CalendarView />;
}
