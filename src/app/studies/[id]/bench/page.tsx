import { StudyBench } from '@/ui/bench/study-bench';

export default function Page() {
  return <StudyBench />;
}
