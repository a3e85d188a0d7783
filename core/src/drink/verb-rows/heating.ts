import { verbRows } from '../verb-row';
import { COOKING } from './times';

export const HEATING = verbRows(
  'Heat',
  { stove: 'cooks', attention: 'near', pot: 'needed', tool: 'burner', takes: ['lid', 'pot', 'burner'] },
  {
    heat: {
      label: 'Heat',
      time: 'found',
      stove: 'warms',
      value: { label: 'To', placeholder: 'to 70 °C', picks: ['to 40 °C', 'to 70 °C', 'to a simmer', 'to boil'] },
      guide: {
        look: 'Steam, then small bubbles at the rim.',
        mind: 'Stir along the bottom, and do not leave it.',
        readings: ['temperature_C', 'minutes'],
      },
    },
    simmer: {
      label: 'Simmer',
      time: 'value',
      value: { label: 'How long', placeholder: '35 min', picks: COOKING },
      guide: {
        look: 'A bubble now and then, never a rolling boil.',
        mind: 'Do not leave it alone: turn it down if it climbs.',
        readings: ['volume_mL', 'minutes', 'thickness'],
      },
    },
    boil: {
      label: 'Boil',
      time: 'value',
      value: { label: 'How long', placeholder: '5 min', picks: COOKING },
      guide: {
        look: 'Large bubbles that cannot be stirred down.',
        mind: 'Hot splashes and steam: keep children away.',
        readings: ['volume_mL', 'minutes'],
      },
    },
    reduce: {
      label: 'Reduce',
      time: 'found',
      value: { label: 'To', placeholder: 'to half', picks: ['to half', 'to 500 mL', 'to 62 °Brix', 'by 30 %'] },
      guide: {
        look: 'A drop on a cold spoon: hot syrup looks thinner than it will be.',
        mind: 'It goes fast towards the end, and burns. Stay with it.',
        readings: ['volume_mL', 'thickness', 'minutes'],
      },
    },
  },
);
