import { useForgetPeopleMutation } from '../../../domain/people/people-endpoints';
import { useAppDispatch } from '../../../domain/store';
import { refusalOf } from '../../../state/api';
import { noticeRaised } from '../../../state/notices';
import { Button } from '../../../ui/button';
import { Refusal } from '../../../ui/refusal';
import { Sheet } from '../../../ui/sheet';
import { Text } from '../../../ui/text';

/** Begins anew with the people where nobody knows their passphrase any more. */
export function ForgetSheet({ onClose }: { readonly onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [forget, { isLoading, error }] = useForgetPeopleMutation();
  const begin = async () => {
    if (!(await forget()).data) return;
    dispatch(noticeRaised({ text: 'The people are forgotten' }));
    onClose();
  };
  return (
    <Sheet title="Begin anew with the people?" open onClose={onClose}>
      <Text>
        Without the passphrase nobody can read who they are, what they must not have, or their lines; whoever knows it
        can still open them. Forgotten, they are gone for good: this is the one thing here that cannot be undone. What
        was poured stays, and is nobody’s.
      </Text>
      <Refusal message={refusalOf(error)} />
      <Button label="Leave them" size="large" onPress={onClose} />
      <Button
        label="Forget the people"
        kind="plain"
        size="large"
        why={isLoading ? 'They are being forgotten' : null}
        onPress={() => void begin()}
      />
    </Sheet>
  );
}
