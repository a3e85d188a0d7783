const { inRem } = require('./type-scale');

/** Tokens of the design; the colours themselves stand in global.css, one set for each theme. */
const token = (name) => `rgb(var(--${name}) / <alpha-value>)`;

module.exports = {
  content: ['./src/**/*.{ts,tsx}'],
  presets: [require('nativewind/preset')],
  darkMode: 'class',
  theme: {
    extend: {
      colors: {
        mist: token('mist'),
        sheet: token('sheet'),
        ink: token('ink'),
        mute: token('mute'),
        line: token('line'),
        teal: token('teal'),
        onteal: token('onteal'),
        heat: token('heat'),
        onheat: token('onheat'),
        amber: token('amber'),
        onamber: token('onamber'),
        panel: token('panel'),
        onpanel: token('onpanel'),
        panelmute: token('panelmute'),
        panelline: token('panelline'),
        chosen: token('chosen'),
        onchosen: token('onchosen'),
      },
      fontSize: inRem,
      lineHeight: inRem,
      fontFamily: {
        heading: ['Bricolage Grotesque', 'system-ui', 'sans-serif'],
        body: ['Atkinson Hyperlegible Next', 'system-ui', 'sans-serif'],
      },
    },
  },
};
