import { verbRows } from '../verb-row';
import { LONG } from './times';

export const STANDING = verbRows(
  'Let stand',
  { time: 'value', attention: 'free', takes: ['at'] },
  {
    steep: {
      label: 'Steep',
      pot: 'taken',
      value: { label: 'How long', placeholder: '25 min', picks: ['10 min', '25 min', ...LONG] },
      guide: {
        look: 'Lid on, off the heat.',
        mind: 'Much longer makes it bitter.',
        readings: ['minutes', 'temperature_C', 'taste'],
      },
    },
    infuse: {
      label: 'Infuse',
      pot: 'left',
      value: { label: 'How long', placeholder: '4 h', picks: LONG },
      guide: {
        look: 'Colour in the water, pieces under it.',
        mind: 'Take the pieces out in time.',
        readings: ['minutes', 'taste'],
      },
    },
    rest: {
      label: 'Rest',
      value: { label: 'How long', placeholder: '2 h', picks: LONG },
      guide: { mind: 'Covered, so that nothing falls in.', readings: ['minutes', 'taste'] },
    },
  },
);
