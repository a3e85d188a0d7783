import { verbRows } from '../verb-row';

export const PUTTING_IN = verbRows(
  'Put in',
  { missing: 'behind', tasted: true },
  {
    add: {
      label: 'Add',
      title: '',
      line: '',
      value: { label: 'How much of what', placeholder: '2 tbsp honey', picks: [] },
      takes: ['eaten'],
      guide: { readings: ['mass_g', 'volume_mL'] },
    },
    use: {
      label: 'Use a preparation',
      title: 'Use',
      value: { label: 'How much of which', placeholder: '30 mL hip syrup', picks: [] },
      guide: { mind: 'Shake it first: it settles.', readings: ['mass_g', 'volume_mL'] },
    },
    carbonate: {
      label: 'Top up with fizz',
      title: 'Top up',
      missing: 'steam',
      pot: 'left',
      value: {
        label: 'With',
        placeholder: 'with 1 L sparkling water',
        picks: ['with 250 mL sparkling water', 'with 500 mL sparkling water', 'with 1 L sparkling water'],
      },
      guide: {
        look: 'Pour the concentrate into the water, slowly.',
        mind: 'It foams: leave room.',
        readings: ['taste'],
      },
    },
  },
);
