import type { LabelsStuck, PrintLabels } from '@wellhydra/contract';
import { noticeRaised } from '../../state/notices';
import { oneByOne, type Sender } from '../../state/sync/send-queue';
import { devicesApi } from '../brews/device-endpoints';
import { labelsApi } from './label-endpoints';

/** What is done about labels, as it waits to be sent. */
export interface LabelDeeds {
  /** They are on their bottles now. */
  readonly 'labels-stuck': LabelsStuck;
  readonly 'labels-printed': PrintLabels;
}

/** A label says what the server knows by then: what was done before it has to be there first. */
export const LABEL_SENDERS: Readonly<Record<keyof LabelDeeds, Sender>> = {
  'labels-stuck': {
    ...oneByOne<LabelDeeds['labels-stuck']>((body, dispatch) =>
      dispatch(labelsApi.endpoints.labelsStuck.initiate(body)),
    ),
    afterAll: true,
  },
  // Where an answer is lost on its way they are printed once more: a strip too many does no harm.
  'labels-printed': {
    ...oneByOne<LabelDeeds['labels-printed']>(async (body, dispatch) => {
      const answer = await dispatch(devicesApi.endpoints.printLabels.initiate(body));
      if (answer.data) dispatch(noticeRaised({ text: `Printed: ${answer.data.files.join(', ')}` }));
      return answer;
    }),
    afterAll: true,
  },
};
