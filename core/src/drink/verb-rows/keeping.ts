import { verbRows } from '../verb-row';

export const KEEPING = verbRows(
  'Keep',
  { changesContents: false, putsAway: true, pot: 'left' },
  {
    bottle: {
      label: 'Bottle',
      missing: 'behind',
      value: { label: 'How many of what size', placeholder: '2 x 750 mL glass bottle', picks: [] },
      takes: ['headspace'],
      guide: {
        look: 'Filled to the shoulder, rim wiped.',
        mind: 'Label and date it now: later they all look alike.',
        readings: ['volume_mL', 'pH', 'temperature_C'],
      },
    },
    process: {
      label: 'Process jars',
      sentence: 'Process for',
      time: 'value',
      attention: 'near',
      value: { label: 'How long', placeholder: '10 min', picks: ['10 min', '15 min', '20 min'] },
      takes: ['altitude', 'method'],
      guide: {
        look: 'Water a hand over the lids, at a rolling boil.',
        mind: 'The time counts from the boil.',
        readings: ['minutes'],
      },
    },
    store: {
      label: 'Store',
      title: 'Store in the',
      sentence: 'Store in the',
      value: { label: 'Where', placeholder: 'fridge', picks: ['fridge', 'cool room', 'cupboard', 'freezer'] },
      guide: { mind: 'Write on the label when it must be gone.' },
    },
  },
);
