import type { Metadata } from 'next';
import { CheckView } from '@/ui/check/check-view';

export const metadata: Metadata = { title: 'Check the arithmetic' };

export default function Page() {
  return <CheckView />;
}
