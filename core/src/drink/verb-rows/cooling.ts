import { verbRows } from '../verb-row';

export const COOLING = verbRows(
  'Cool',
  { time: 'found', attention: 'free', takes: ['coolIn'] },
  {
    cool: {
      label: 'Cool',
      takes: ['coolIn', 'lid'],
      value: { label: 'To', placeholder: 'to 40 °C', picks: ['to 40 °C', 'to 25 °C', 'to room'] },
      guide: {
        look: 'Lukewarm at the wall of the pot.',
        mind: 'Not for hours on the worktop.',
        readings: ['temperature_C', 'minutes'],
      },
    },
    chill: {
      label: 'Chill',
      pot: 'left',
      tool: 'fridge',
      value: { label: 'To', placeholder: 'to 5 °C', picks: ['to 8 °C', 'to 5 °C'] },
      guide: {
        look: 'Cold to the middle.',
        mind: 'Never a full hot pot into the fridge.',
        readings: ['temperature_C', 'minutes'],
      },
    },
  },
);
