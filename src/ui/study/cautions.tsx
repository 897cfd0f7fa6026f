import { hazardsOf, type Alloy } from '@/core/alloys';

/** What can hurt people who pour this metal, and who decides. */
export function Cautions({ alloy }: { readonly alloy: Alloy }) {
  return (
    <>
      {hazardsOf(alloy).map((h) => (
        <p key={h.id} className="small" style={{ margin: '5px 0' }}>
          <strong>{h.title}.</strong> {h.hurts} {h.precautions}
        </p>
      ))}
      <p className="small quiet">General practice only. Local codes, permits and licensed practice decide.</p>
    </>
  );
}
