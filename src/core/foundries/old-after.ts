/** A value this many days old is marked: shops change. */
export const OLD_AFTER_D = 365;
