import { BriefView } from '@/ui/brief/brief-view';

export default function Page() {
  return <BriefView />;
}
