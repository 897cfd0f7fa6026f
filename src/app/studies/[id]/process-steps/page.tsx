import { ProcessStepsView } from '@/ui/process-steps/process-steps-view';

/** How the part is made, in plain words: by the lane asked for, else the one signed, else the one that leads. */
export default async function Page({ searchParams }: { searchParams: Promise<{ lane?: string }> }) {
  return <ProcessStepsView asked={(await searchParams).lane ?? null} />;
}
