import 'server-only';
import { listStudies, type ListAsked, type StudyPage } from '../studies';
import { renewSoon } from './renew';

/** A page of studies with their leaders; what of it is old is renewed in the background. */
export async function studyPage(asked: Partial<ListAsked> = {}): Promise<StudyPage> {
  const page = await listStudies(asked);
  if (page.studies.some((s) => !s.fresh)) renewSoon();
  return page;
}
