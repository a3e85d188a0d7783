import { verbRows } from '../verb-row';

export const TAKING_AWAY = verbRows(
  'Take away',
  { missing: 'behind', holdsBack: true },
  {
    strain: {
      label: 'Strain',
      title: 'Strain through',
      tool: 'strainer',
      value: {
        label: 'Through',
        placeholder: 'mesh',
        picks: ['drain', 'mesh', 'cloth', 'press', 'mill', 'fine filter'],
      },
      takes: ['gently'],
      guide: {
        look: 'Let it run first, squeeze after.',
        mind: 'Seeds and hairs stay behind: they upset stomachs.',
        readings: ['volume_mL', 'mass_g', 'brix'],
      },
    },
    rinsePass: {
      label: 'Rinse again',
      title: 'Rinse with',
      line: 'rinse with',
      sentence: 'Rinse pass with',
      tasted: true,
      tool: 'strainer',
      value: {
        label: 'With how much water',
        placeholder: '300 mL water',
        picks: ['200 mL water', '300 mL water', '500 mL water'],
      },
      takes: ['rinseThrough'],
      guide: { look: 'The water should run through everything.', readings: ['volume_mL', 'brix'] },
    },
    remove: {
      label: 'Take out',
      value: { label: 'What', placeholder: 'solids', picks: ['solids'] },
      guide: { look: 'Let each piece drip back into the pot.', readings: ['volume_mL'] },
    },
    skim: {
      label: 'Skim',
      bare: true,
      value: { label: 'How much', placeholder: 'a little', picks: [] },
      guide: { look: 'The foam gathers at the rim.', readings: ['volume_mL'] },
    },
    draw: {
      label: 'Draw off',
      line: 'draw off',
      value: { label: 'How much', placeholder: '200 mL', picks: ['half', '200 mL', '250 mL', '500 mL'] },
      takes: ['as'],
      guide: { readings: ['volume_mL', 'thickness'] },
    },
  },
);
