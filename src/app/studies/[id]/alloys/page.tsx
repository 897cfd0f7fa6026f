import { AlloysView } from '@/ui/alloys/alloys-view';

export default function Page() {
  return <AlloysView />;
}
