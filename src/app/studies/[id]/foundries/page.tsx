import { WhoCanView } from '@/ui/foundries/who-can-view';

export default function Page() {
  return <WhoCanView />;
}
