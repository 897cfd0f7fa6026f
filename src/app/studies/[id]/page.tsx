import { redirect } from 'next/navigation';

export default async function StudyPage({ params }: { params: Promise<{ id: string }> }) {
  redirect(`/studies/${(await params).id}/routes`);
}
