import { PartView } from '@/ui/part/part-view';

export default function Page() {
  return <PartView />;
}
