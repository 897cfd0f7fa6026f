'use client';
import { useRouter } from 'next/navigation';
import { NumberField } from '../fields/inputs';
import { RowOfFigures } from '../fields/row-of-figures';
import { FormGrid, PageLink, Section } from '../kit';
import { DropFile } from '../part/drop-file';
import { handOver } from '../part/handoff';
import { useStudy } from '../study/study-context';
import { DraftField } from './draft-field';

/** Sizes and shape: measured from a file, or typed. */
export function GeometrySection() {
  const { id, brief } = useStudy('id', 'brief');
  const router = useRouter();
  const toPart = (file: File): void => {
    handOver(id, file);
    router.push(`/studies/${id}/part`);
  };
  return (
    <Section
      title="Geometry"
      under={
        brief.model !== null && (
          <>
            measured from <PageLink href={`/studies/${id}/part`}>{brief.model.name}</PageLink>
          </>
        )
      }
    >
      <DropFile compact asksUnit={null} busy={false} onFile={toPart} onUnit={() => undefined} />
      <FormGrid mt="3">
        <NumberField
          path="geometry.volume_cm3"
          label="Volume"
          dimension="volume"
          help="Times density gives the mass: metal, melting, ladle limits."
        />
        <NumberField
          path="geometry.area_cm2"
          label="Surface area"
          dimension="area"
          help="With the volume it shows how thin and branched the part is."
        />
        <RowOfFigures
          path="geometry.box_mm"
          label="Box: length, width, height along the draw"
          help="Sets flask, die block, machine and the number of positions."
          names={['Length', 'Width', 'Height along the draw']}
          dimension="length"
        />
        <NumberField
          path="geometry.wallMin_mm"
          label="Thinnest wall"
          dimension="length"
          help="Below the limit of route and metal it does not fill."
        />
        <NumberField
          path="geometry.sectionMax_mm"
          label="Thickest section"
          dimension="length"
          help="Freezes last: it sets the die cycle and needs feeding."
        />
        <NumberField
          path="geometry.projected_cm2"
          label="Projected area along the draw"
          dimension="area"
          help="Sets the clamp of a pressure die and the allowance across the parting."
        />
        <NumberField
          path="geometry.undercuts"
          label="Undercuts"
          unit="count"
          help="Each needs a loose piece, a core or a slide."
        />
        <NumberField
          path="geometry.passages"
          label="Inner passages"
          unit="count"
          help="Hollows that no straight pull clears: each needs a core and rules out a pressure die."
        />
        <NumberField
          path="geometry.coredHoles"
          label="Cored holes"
          unit="count"
          help="Holes to be cast, including those listed below."
        />
        <DraftField />
      </FormGrid>
    </Section>
  );
}
