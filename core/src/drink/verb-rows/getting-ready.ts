import { verbRows } from '../verb-row';
import { LONG, SHORT } from './times';

export const GETTING_READY = verbRows(
  'Get ready',
  {},
  {
    wash: {
      label: 'Wash',
      changesContents: false,
      time: 'for',
      attention: 'free',
      value: { label: 'What', placeholder: 'berries', picks: ['hands and produce', 'berries'] },
      takes: ['washIn', 'washFor'],
      guide: { look: 'Until the water runs clear.' },
    },
    freeze: {
      label: 'Freeze',
      time: 'value',
      attention: 'free',
      pot: 'left',
      tool: 'freezer',
      value: { label: 'How long', placeholder: '12 h', picks: ['12 h', '1 day', '2 days'] },
      guide: { look: 'Hard right through.', mind: 'Leave room: it grows.' },
    },
    soak: {
      label: 'Soak',
      time: 'value',
      attention: 'free',
      value: { label: 'How long', placeholder: '20 min', picks: LONG },
      takes: ['soakIn', 'keepLiquid', 'at'],
      guide: {
        look: 'Swollen and soft.',
        mind: 'Keep everything under the water.',
        readings: ['minutes', 'mass_g'],
      },
    },
    mash: {
      label: 'Crush',
      missing: 'behind',
      bare: true,
      value: { label: 'How long', placeholder: '2 min', picks: SHORT },
      guide: { look: 'Every piece broken, no dry middle.', mind: 'Do not crush seeds and stones.' },
    },
    blend: {
      label: 'Blend',
      missing: 'behind',
      bare: true,
      tool: 'blender',
      value: { label: 'How long', placeholder: '1 min', picks: SHORT },
      takes: ['loadLimit'],
      guide: {
        look: 'No piece larger than a grain of rice.',
        mind: 'Never hot in a closed jug.',
        readings: ['volume_mL'],
      },
    },
    mill: {
      label: 'Mill',
      missing: 'behind',
      holdsBack: true,
      bare: true,
      tool: 'mill',
      value: { label: 'How long', placeholder: '2 min', picks: SHORT },
      guide: { look: 'Only skins and seeds are left.', readings: ['volume_mL'] },
    },
    press: {
      label: 'Press',
      missing: 'behind',
      holdsBack: true,
      tool: 'press',
      value: {
        label: 'How',
        placeholder: 'blender and mesh',
        picks: ['hand press', 'blender and mesh', 'blender and cloth', 'juicer'],
      },
      takes: ['loadLimit'],
      guide: { look: 'Until it only drips.', mind: 'Seeds stay behind.', readings: ['volume_mL', 'mass_g'] },
    },
  },
);
