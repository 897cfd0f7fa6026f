import type { Metadata } from 'next';
import { Edition2View } from '@/ui/edition-2/edition-2-view';

export const metadata: Metadata = { title: 'What edition 2 changed' };

export default function Page() {
  return <Edition2View />;
}
