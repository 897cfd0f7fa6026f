import type { Metadata } from 'next';
import { modelDocument } from '@/core/reference/model-document';
import { ModelView } from '@/ui/model/model-view';

export const metadata: Metadata = { title: 'The model' };

export default function Page() {
  return <ModelView subjects={modelDocument()} />;
}
