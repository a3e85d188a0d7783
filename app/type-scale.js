/** Sizes of letters and lines by their height in px where nobody has asked for larger ones; in rem, so that they grow. */
const SIZES_px = [
  12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24, 25, 26, 27, 28, 30, 32, 34, 36, 38, 43, 44, 48, 52, 58,
];
const ROOT_px = 16;

const inRem = Object.fromEntries(SIZES_px.map((px) => [px, `${px / ROOT_px}rem`]));

module.exports = { SIZES_px, inRem };
