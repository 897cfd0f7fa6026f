import { MethodView } from '@/ui/method/method-view';

/** How the part would be poured: by the lane asked for, else the one signed, else the one that leads. */
export default async function Page({ searchParams }: { searchParams: Promise<{ lane?: string }> }) {
  return <MethodView asked={(await searchParams).lane ?? null} />;
}
