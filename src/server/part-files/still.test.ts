import { decode, encode } from 'fast-png';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { takenStill } from './still';

const picture = (width: number, height: number): Uint8Array =>
  encode({
    width,
    height,
    data: Uint8Array.from({ length: width * height * 4 }, (_, i) => i % 251),
    channels: 4,
    depth: 8,
  });
/** A sound picture whose header claims another size. */
const claiming = (width: number, height: number): Uint8Array => {
  const bytes = picture(8, 8).slice();
  const view = new DataView(bytes.buffer);
  view.setUint32(16, width);
  view.setUint32(20, height);
  return bytes;
};

test('a sound picture is kept pixel for pixel', () => {
  const taken = takenStill(picture(32, 24));
  if ('refused' in taken) throw new Error(taken.refused);
  expect(decode(taken.png)).toMatchObject({ width: 32, height: 24, data: decode(picture(32, 24)).data });
});

test('a picture that is none, too large, torn or of a false size is refused in words, at once', () => {
  expect(takenStill(new Uint8Array(40))).toMatchObject({ refused: 'The picture must be a PNG.' });
  expect(takenStill(Uint8Array.of(0x89, 0x50, 0x4e, 0x47))).toMatchObject({ refused: 'The picture must be a PNG.' });
  expect(takenStill(claiming(20_000, 20_000))).toMatchObject({
    refused: expect.stringContaining('20000 × 20000') as string,
  });
  expect(takenStill(claiming(900, 900))).toMatchObject({ refused: expect.stringContaining('broken') as string });
  expect(takenStill(picture(32, 24).slice(0, 200))).toMatchObject({
    refused: expect.stringContaining('broken') as string,
  });
});

test('any bytes changed give a picture or a refusal, never an error', () => {
  const good = picture(16, 12);
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat(good.length - 1), fc.nat(255)), { minLength: 1, maxLength: 6 }), (changes) => {
      const bytes = good.slice();
      for (const [at, byte] of changes) bytes[at] = byte;
      const taken = takenStill(bytes);
      expect('png' in taken ? decode(taken.png).width : taken.refused.length).toBeGreaterThan(0);
    }),
    { numRuns: 300 },
  );
});
