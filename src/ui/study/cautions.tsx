import { Span, Text } from '@chakra-ui/react';
import type { Alloy } from '@/core/catalogue/alloys';
import { cautionsFor, WHO_DECIDES, type Caution, type Severity } from '@/core/catalogue/cautions';

const SEVERITY_WORDS: Readonly<Record<Severity, string>> = {
  life: 'can kill',
  injury: 'injures',
  health: 'harms by dose',
};

/** What can hurt people who make a part on these routes from this metal, the gravest first, and who decides. */
export function Cautions({ routeIds, alloy }: { readonly routeIds: readonly string[]; readonly alloy: Alloy | null }) {
  const all = new Map(routeIds.flatMap((id) => cautionsFor(id, alloy)).map((c) => [c.id, c]));
  return (
    <div data-testid="cautions">
      {[...all.values()].map((c) => (
        <OneCaution key={c.id} caution={c} />
      ))}
      <Text textStyle="label" color="fg.muted">
        {WHO_DECIDES}
      </Text>
    </div>
  );
}

function OneCaution({
  caution: { title, severity, hurts, precautions, ifItHappens, whoDecides },
}: {
  readonly caution: Caution;
}) {
  return (
    <details className="caution small">
      <summary>
        <strong>{title}</strong> <span className={`severity is-${severity}`}>{SEVERITY_WORDS[severity]}</span>{' '}
        <Span color="fg.muted">{hurts.whom}</Span>
      </summary>
      <p>{hurts.what}</p>
      <ul>
        {precautions.map((p) => (
          <li key={p}>{p}</li>
        ))}
      </ul>
      <p>
        <strong>If it happens.</strong> {ifItHappens}
      </p>
      <p>
        <strong>Who decides.</strong> {whoDecides}
      </p>
    </details>
  );
}
