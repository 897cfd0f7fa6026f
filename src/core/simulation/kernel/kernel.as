// The two loops that draws spend their time in, worked two or four at a time by vector instructions.
// AssemblyScript; `npm run kernel` compiles it to kernel.data.ts, and a test holds the two together.
// Every sum is the one that plain JavaScript would do, in the same order: draws are the same to the last bit.

// @ts-ignore: decorator
@inline const GUARD: f64 = 1e-9;

/** x to the power y, as the rest of the product works it out. */
// @ts-ignore: decorator
@external("env", "power")
declare function power(x: f64, y: f64): f64;

/**
 * Works a program out for a block of draws.
 * @param tape steps of six 32-bit words: op, address of a, of b and of the result, bytes from one pair of draws to the
 *   next of a and of b (0 for a fixed number, which lies there twice)
 * @param steps how many steps
 * @param pairs how many pairs of draws
 */
export function sums(tape: usize, steps: i32, pairs: i32): void {
  for (let i = 0; i < steps; i++, tape += 24) {
    const op = load<i32>(tape);
    let a = <usize>load<u32>(tape, 4);
    let b = <usize>load<u32>(tape, 8);
    let out = <usize>load<u32>(tape, 12);
    const da = <usize>load<u32>(tape, 16);
    const db = <usize>load<u32>(tape, 20);
    const end = out + (<usize>pairs << 4);
    switch (op) {
      case 0:
        for (; out < end; out += 16, a += da, b += db) v128.store(out, f64x2.add(v128.load(a), v128.load(b)));
        break;
      case 1:
        for (; out < end; out += 16, a += da, b += db) v128.store(out, f64x2.sub(v128.load(a), v128.load(b)));
        break;
      case 2:
        for (; out < end; out += 16, a += da, b += db) v128.store(out, f64x2.mul(v128.load(a), v128.load(b)));
        break;
      case 3:
        for (; out < end; out += 16, a += da, b += db) v128.store(out, f64x2.div(v128.load(a), v128.load(b)));
        break;
      case 4:
        for (; out < end; out += 16, a += da, b += db) v128.store(out, f64x2.min(v128.load(a), v128.load(b)));
        break;
      case 5:
        for (; out < end; out += 16, a += da, b += db) v128.store(out, f64x2.max(v128.load(a), v128.load(b)));
        break;
      case 6: {
        // The guard of whole units: what is above a whole number by less than its rounding is that number.
        const one = f64x2.splat(1);
        const guard = f64x2.splat(GUARD);
        for (; out < end; out += 16, a += da) {
          const x = v128.load(a);
          v128.store(out, f64x2.ceil(f64x2.sub(x, f64x2.mul(guard, f64x2.max(one, f64x2.abs(x))))));
        }
        break;
      }
      case 7:
        for (; out < end; out += 16, a += da) v128.store(out, f64x2.floor(v128.load(a)));
        break;
      case 9:
        for (; out < end; out += 16, a += da, b += db) {
          store<f64>(out, power(load<f64>(a), load<f64>(b)));
          store<f64>(out, power(load<f64>(a, 8), load<f64>(b, 8)), 8);
        }
        break;
      default: {
        const one = f64x2.splat(1);
        const none = f64x2.splat(0);
        for (; out < end; out += 16, a += da) v128.store(out, v128.and(one, f64x2.gt(v128.load(a), none)));
      }
    }
  }
}

/** The hashes of four draws: 32 bits each, that hang on the stream and the number of the draw alone. */
// @ts-ignore: decorator
@inline
function hashes(i: i32, a: i32, b: i32): v128 {
  const at = i32x4.add(i32x4.splat(i + a), i32x4(0, 1, 2, 3));
  let h = v128.xor(i32x4.mul(at, i32x4.splat(0x9e3779b1)), i32x4.splat(b));
  h = i32x4.mul(v128.xor(h, i32x4.shr_u(h, 16)), i32x4.splat(0x85ebca6b));
  h = i32x4.mul(v128.xor(h, i32x4.shr_u(h, 13)), i32x4.splat(0xc2b2ae35));
  return v128.xor(h, i32x4.shr_u(h, 16));
}

/** Numbers of the draws that the table does not tell, from here on. */
let steep: usize = 0;

/** One draw: off the table at its share u, the search beginning where the guide says. */
// @ts-ignore: decorator
@inline
function draw(to: usize, k: i32, u: f64, start: i32, low: f64, wide: f64, cubics: usize, guide: usize): void {
  let stretch = <i32>load<u16>(guide + (<usize>start << 1));
  let at = cubics + <usize>stretch * 48;
  while (load<f64>(at, 8) <= u) {
    stretch++;
    at += 48;
  }
  const per = load<f64>(at, 16);
  if (per > 0) {
    const s = (u - load<f64>(at)) * per;
    const cubic = s * (load<f64>(at, 24) + s * (load<f64>(at, 32) + s * load<f64>(at, 40)));
    store<f64>(to, low + wide * (<f64>stretch + cubic));
  } else {
    store<f64>(to, u);
    store<i32>(steep, k);
    steep += 4;
  }
}

/**
 * Draws of a beta-PERT, off a table of its shares, four at a time.
 * @param out where the draws go
 * @param list where the numbers go, counted from 0, of those that the table does not tell: they are left as their share
 * @param from number of the first draw
 * @param fours how many fours of draws
 * @param a of the stream, with b
 * @param low value at the lower end
 * @param wide value from one stretch to the next
 * @param cubics six numbers a stretch: the share below it and below the next, one over its width, three powers
 * @param guide stretch in which the search for a share begins, 16 bits each
 * @param shift bits of a hash that the guide leaves out
 * @returns how many are not told
 */
export function pert(
  out: usize,
  list: usize,
  from: i32,
  fours: i32,
  a: i32,
  b: i32,
  low: f64,
  wide: f64,
  cubics: usize,
  guide: usize,
  shift: i32,
): i32 {
  steep = list;
  const half = f64x2.splat(0.5);
  const per = f64x2.splat(1.0 / 4294967296.0);
  for (let k = 0; k < fours << 2; k += 4, out += 32) {
    const h = hashes(from + k, a, b);
    const start = i32x4.shr_u(h, shift);
    const one = f64x2.mul(f64x2.add(f64x2.convert_low_i32x4_u(h), half), per);
    draw(out, k, f64x2.extract_lane(one, 0), i32x4.extract_lane(start, 0), low, wide, cubics, guide);
    draw(out + 8, k + 1, f64x2.extract_lane(one, 1), i32x4.extract_lane(start, 1), low, wide, cubics, guide);
    const high = v128.shuffle<i32>(h, h, 2, 3, 2, 3);
    const two = f64x2.mul(f64x2.add(f64x2.convert_low_i32x4_u(high), half), per);
    draw(out + 16, k + 2, f64x2.extract_lane(two, 0), i32x4.extract_lane(start, 2), low, wide, cubics, guide);
    draw(out + 24, k + 3, f64x2.extract_lane(two, 1), i32x4.extract_lane(start, 3), low, wide, cubics, guide);
  }
  return <i32>((steep - list) >> 2);
}
