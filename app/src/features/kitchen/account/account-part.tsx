import { useState } from 'react';
import { View } from 'react-native';
import { useSession } from '../../../domain/accounts/use-session';
import { useGetOwnDataMutation } from '../../../domain/accounts/own-account-endpoints';
import { useAppDispatch } from '../../../domain/store';
import { failureOf } from '../../../state/api';
import { noticeRaised } from '../../../state/notices';
import { saveFile } from '../../../state/save-file';
import { Text } from '../../../ui/text';
import { Row } from '../row';
import { DeleteAccountSheet } from './delete-account-sheet';
import { PasswordSheet } from './password-sheet';
import { SessionsSheet } from './sessions-sheet';

interface AccountPartProps {
  /** Nobody else is in the kitchen. */
  readonly alone: boolean;
  readonly onDeleted: () => void;
}

/** What one does with an account of one's own. */
export function AccountPart({ alone, onDeleted }: AccountPartProps) {
  const dispatch = useAppDispatch();
  const session = useSession();
  const [getOwnData] = useGetOwnDataMutation();
  const [open, setOpen] = useState<'password' | 'sessions' | 'delete' | null>(null);
  const close = () => setOpen(null);
  const saveOwnData = async () => {
    const { data, error } = await getOwnData();
    if (!data) return void dispatch(noticeRaised({ text: failureOf(error).message, grave: true }));
    saveFile(new Blob([`${JSON.stringify(data, null, 2)}\n`], { type: 'application/json' }), 'wellhydra-account.json');
  };
  return (
    <View className="gap-2">
      <Text variant="heading">Your account</Text>
      <View>
        <Row
          title="Password"
          says="A new one signs out everywhere else"
          action={{ label: 'Change', hint: 'Change the password', onPress: () => setOpen('password') }}
        />
        <Row
          title="Devices"
          says="Where you are signed in"
          action={{ label: 'Look', hint: 'Look where you are signed in', onPress: () => setOpen('sessions') }}
        />
        <Row
          title="What is known of you"
          says={session?.account.email ?? ''}
          action={{ label: 'Save', hint: 'Save what is known of you', onPress: () => void saveOwnData() }}
        />
        <Row
          title="The account"
          says={alone ? 'The kitchen goes with it' : 'The kitchen stays with the others'}
          action={{ label: 'Delete', hint: 'Delete the account', onPress: () => setOpen('delete') }}
        />
      </View>
      {open === 'password' ? <PasswordSheet onClose={close} /> : null}
      {open === 'sessions' ? <SessionsSheet onClose={close} /> : null}
      {open === 'delete' ? <DeleteAccountSheet alone={alone} onClose={close} onDeleted={onDeleted} /> : null}
    </View>
  );
}
