import { StudyCalculator } from '@/ui/calculator/study-calculator';

export default function Page() {
  return <StudyCalculator />;
}
