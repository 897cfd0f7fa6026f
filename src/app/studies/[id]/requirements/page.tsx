import { RequirementsView } from '@/ui/requirements/requirements-view';

export default function Page() {
  return <RequirementsView />;
}
