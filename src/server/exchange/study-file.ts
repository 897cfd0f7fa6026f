import { z } from 'zod';
import { briefSchema, parseBrief, type Brief, type BriefIssue } from '@/core/brief';

export const STUDY_FILE_FORMAT = 'nine-pours-study';
export const STUDY_FILE_VERSION = 1;

/** A study as one file: its brief, its school, and where it came from. Unknown keys of the brief are ignored with a note. */
export const studyFileSchema = z.object({
  format: z.literal(STUDY_FILE_FORMAT),
  version: z.literal(STUDY_FILE_VERSION),
  exportedAt: z.iso.datetime().optional(),
  coreVersion: z.string().max(20).optional(),
  school: z.enum(['published', 'shop', 'specialist']).default('published'),
  brief: briefSchema,
});

/** JSON Schemas of what goes in and out, published at /api/schema. */
export function publishedSchemas(): object {
  const json = (schema: z.ZodType): object => z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' });
  return { studyFile: json(studyFileSchema), evaluateRequest: json(evaluateRequestSchema) };
}

/** What POST /api/evaluate takes. */
export const evaluateRequestSchema = z.object({
  brief: z.unknown().refine((v) => v !== null && typeof v === 'object', 'a brief object'),
  school: z.enum(['published', 'shop', 'specialist']).optional(),
  quantity: z.number().int().min(1).max(1_000_000).optional(),
});

/** A study as file content. */
export function toStudyFile(
  study: { brief: Brief; school: 'published' | 'shop' | 'specialist' },
  now: Date,
  coreVersion: string,
): object {
  return {
    format: STUDY_FILE_FORMAT,
    version: STUDY_FILE_VERSION,
    exportedAt: now.toISOString(),
    coreVersion,
    school: study.school,
    brief: study.brief,
  };
}

export type StudyFileResult =
  | {
      readonly ok: true;
      readonly brief: Brief;
      readonly school: 'published' | 'shop' | 'specialist';
      readonly notes: readonly string[];
    }
  | { readonly ok: false; readonly issues: readonly BriefIssue[] };

/** Reads file content; what is wrong is named by its path from the file's root. @param own ids of the team's own alloys */
export function readStudyFile(raw: unknown, own?: ReadonlySet<string>): StudyFileResult {
  const head = studyFileSchema
    .omit({ brief: true })
    .extend({ brief: z.record(z.string(), z.unknown()) })
    .safeParse(raw);
  if (!head.success) {
    return {
      ok: false,
      issues: head.error.issues.map((i) => ({
        path: i.path.map(String).join('.'),
        value: i.path.reduce<unknown>(
          (x, key) => (x == null ? undefined : (x as Record<PropertyKey, unknown>)[key]),
          raw,
        ),
        message: i.message,
      })),
    };
  }
  const brief = parseBrief(head.data.brief, own);
  if (!brief.ok) return { ok: false, issues: brief.issues.map((i) => ({ ...i, path: `brief.${i.path}` })) };
  return { ok: true, brief: brief.brief, school: head.data.school, notes: brief.notes };
}
