/** The CAD kernel's reader, as far as it is used here. The package brings no types. */
declare module 'occt-import-js' {
  export interface OcctMesh {
    readonly attributes: { readonly position: { readonly array: readonly number[] } };
    readonly index: { readonly array: readonly number[] };
  }
  export interface OcctReader {
    ReadStepFile(
      bytes: Uint8Array,
      params: {
        readonly linearUnit: 'millimeter';
        readonly linearDeflectionType: 'bounding_box_ratio';
        readonly linearDeflection: number;
        readonly angularDeflection: number;
      },
    ): { readonly success: boolean; readonly meshes: readonly OcctMesh[] };
  }
  export default function occtimportjs(options?: {
    readonly locateFile?: (name: string) => string;
  }): Promise<OcctReader>;
}
