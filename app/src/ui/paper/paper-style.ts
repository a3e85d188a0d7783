import { BAND_COLOURS } from '../bands';

/** Sheets of paper, mm. */
export const PAPERS = {
  A4: { width: 210, height: 297, margin: 14 },
  A5: { width: 148, height: 210, margin: 10 },
} as const;
export type Paper = keyof typeof PAPERS;

/** Dots of a screen in a millimetre of paper. */
export const PX_PER_MM = 96 / 25.4;

const INK = '#0E2A2B';
const MUTE = '#4B6363';
const RULE = '#C8D6D3';
const HEAT = '#B23A1E';

/** How what is printed looks: ink on white, whatever theme it was made in. */
export const paperStyle = (paper: Paper): string => {
  const { width, height, margin } = PAPERS[paper];
  return `
@page { size: ${width}mm ${height}mm; margin: ${margin}mm; }
* { box-sizing: border-box; margin: 0; padding: 0; }
body { color: ${INK}; background: #fff; font: 400 10.5pt/1.35 'Atkinson Hyperlegible Next', sans-serif;
  -webkit-print-color-adjust: exact; print-color-adjust: exact; overflow-wrap: anywhere; }
@media screen { body { width: ${width}mm; padding: ${margin}mm; overflow: hidden; } }
h1 { font: 700 25pt/1.05 'Bricolage Grotesque', sans-serif; }
h2 { font: 700 12.5pt/1.2 'Bricolage Grotesque', sans-serif; margin: 5mm 0 1.5mm; break-after: avoid; }
small, .small { font-size: 9pt; color: ${MUTE}; }
ol, ul { list-style: none; }
.about { margin-top: 1.5mm; }
.stream { display: block; width: 100%; height: 17mm; margin: 4mm 0 1mm; background: ${BAND_COLOURS.water}22; }
.legend { display: flex; flex-wrap: wrap; gap: 0 5mm; }
.legend svg { width: 3mm; height: 3mm; margin-right: 1.2mm; vertical-align: -0.3mm; }
.stop { border: 0.6mm solid ${HEAT}; border-radius: 2mm; padding: 2mm 3mm; margin-top: 3mm; break-inside: avoid; }
.stop strong { color: ${HEAT}; }
.rows > li { display: flex; gap: 3mm; padding: 1.7mm 0; border-bottom: 0.25mm solid ${RULE}; break-inside: avoid; }
.rows > li > .said { flex: 1; min-width: 0; }
.tick { flex: none; width: 4.4mm; height: 4.4mm; border: 0.4mm solid ${INK}; border-radius: 1mm; margin-top: 0.3mm; }
.number { flex: none; width: 6mm; font: 700 12pt/1.2 'Bricolage Grotesque', sans-serif; }
.write { flex: none; width: 27mm; border-bottom: 0.3mm dotted ${MUTE}; align-self: flex-end; height: 6mm; }
.pairs > li { display: flex; justify-content: space-between; gap: 3mm; padding: 0.8mm 0;
  border-bottom: 0.25mm solid ${RULE}; break-inside: avoid; }
.pairs > li > :last-child { text-align: right; }
.columns { columns: 2; column-gap: 8mm; }
.columns > section { break-inside: avoid; }
.columns > section > h2 { margin-top: 0; padding-top: 5mm; }
.foot { margin-top: 6mm; }
`;
};
