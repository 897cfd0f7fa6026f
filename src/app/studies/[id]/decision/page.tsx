import { DecisionView } from '@/ui/decision/decision-view';

export default function Page() {
  return <DecisionView />;
}
