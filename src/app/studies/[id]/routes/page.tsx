import { RoutesView } from '@/ui/board/routes-view';

export default function Page() {
  return <RoutesView />;
}
