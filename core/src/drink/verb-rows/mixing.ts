import { verbRows } from '../verb-row';
import { SHORT } from './times';

const UNTIL_DISSOLVED = { label: 'How long', placeholder: 'until dissolved', picks: SHORT } as const;

export const MIXING = verbRows(
  'Mix',
  { tasted: true, bare: true, value: UNTIL_DISSOLVED },
  {
    stir: {
      label: 'Stir',
      guide: { look: 'No streak, no grain at the bottom.', readings: ['brix', 'taste', 'pH'] },
    },
    dissolve: {
      label: 'Dissolve',
      guide: { look: 'No grain at the bottom.', readings: ['brix', 'taste', 'pH'] },
    },
    shake: {
      label: 'Shake',
      value: { label: 'How long', placeholder: '30 s', picks: SHORT },
      guide: { look: 'Even from top to bottom.', mind: 'Hold the lid.', readings: ['taste', 'brix'] },
    },
  },
);
