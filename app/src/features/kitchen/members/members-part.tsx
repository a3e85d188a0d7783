import type { KitchenDetails } from '@wellhydra/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { useSession } from '../../../domain/accounts/use-session';
import { MEMBERS_LANE, invitationsReplaced } from '../../../domain/kitchen/member-deeds';
import { useAppDispatch } from '../../../domain/store';
import { useLane } from '../../../domain/waiting/use-lane';
import { noticeRaised } from '../../../state/notices';
import { Button } from '../../../ui/button';
import { Text } from '../../../ui/text';
import { Row } from '../row';
import { DeedsSheet } from './deeds-sheet';
import { LeaveSheet } from './leave-sheet';
import { MemberSheet } from './member-sheet';
import { memberWords } from './members-view';

/** Behind the sign of a number: what stands there is sent to no server, and into no log. */
const linkOf = (invitation: string): string => `${window.location.origin}/welcome#${invitation}`;

interface MembersPartProps {
  readonly kitchen: KitchenDetails;
  /** They are in another kitchen now. */
  readonly onLeft: () => void;
}

/** Who is in the kitchen, and how somebody else comes in. */
export function MembersPart({ kitchen, onLeft }: MembersPartProps) {
  const dispatch = useAppDispatch();
  const session = useSession();
  const { waits } = useLane(MEMBERS_LANE);
  const [open, setOpen] = useState<'deeds' | 'leave' | null>(null);
  const [shown, setShown] = useState<string | null>(null);
  const owns = session?.kitchen.role === 'owner' && !kitchen.demo;
  const member = kitchen.members.find(({ id }) => id === shown);
  const say = (text: string, grave = false) => void dispatch(noticeRaised({ text, grave }));
  const copyLink = async (code: string) => {
    try {
      await navigator.clipboard.writeText(linkOf(code));
      say('The link is copied');
    } catch {
      say('This browser does not let it be copied. Read out the code instead.', true);
    }
  };
  return (
    <>
      <View className="gap-1">
        <Text variant="heading">Members</Text>
        {kitchen.members.map((each) => {
          const { id, name } = each;
          return (
            <Row
              key={id}
              title={id === session?.account.id ? `${name}, you` : name}
              says={memberWords(each, waits)}
              {...(owns ? { action: { label: 'Change', hint: `Change ${name}`, onPress: () => setShown(id) } } : {})}
            />
          );
        })}
        <View className="flex-row flex-wrap gap-3 pt-2">
          <Button label="What was done here" kind="plain" onPress={() => setOpen('deeds')} />
          {kitchen.demo ? null : <Button label="Leave this kitchen" kind="plain" onPress={() => setOpen('leave')} />}
        </View>
      </View>
      {kitchen.demo ? null : (
        <View className="gap-1">
          <Text variant="heading">Let somebody in</Text>
          <Invitation title="To make drinks" code={kitchen.invitation} onCopy={copyLink} />
          <Invitation title="To drink what is made" code={kitchen.drinkerInvitation} onCopy={copyLink} />
          <Text variant="small" className="pt-2">
            Whoever has such a link or its code can make an account in this kitchen. Drinkers see the bottles, and what
            is theirs.
          </Text>
          {waits.some(({ kind }) => kind === 'invitations-replaced') ? (
            <Text role="status">They let people in until it is sent that they are replaced.</Text>
          ) : null}
          {owns ? (
            <Button
              label="Replace both"
              kind="plain"
              className="self-start"
              onPress={() => dispatch(invitationsReplaced())}
            />
          ) : null}
        </View>
      )}
      {open === 'deeds' ? <DeedsSheet onClose={() => setOpen(null)} /> : null}
      {open === 'leave' ? <LeaveSheet onClose={() => setOpen(null)} onLeft={onLeft} /> : null}
      {member ? <MemberSheet member={member} onClose={() => setShown(null)} /> : null}
    </>
  );
}

interface InvitationProps {
  /** What somebody comes in for. */
  readonly title: string;
  readonly code: string;
  readonly onCopy: (code: string) => Promise<void>;
}

/** A code that lets somebody in, to be read out or sent as a link. */
const Invitation = ({ title, code, onCopy }: InvitationProps) => (
  <View className="flex-row items-center justify-between gap-3 border-b border-line py-2">
    <View className="min-w-0 flex-1">
      <Text variant="strong">{title}</Text>
      <Text variant="small" selectable>
        {code}
      </Text>
    </View>
    <Button label="Copy" hint={`Copy the link ${title.toLowerCase()}`} kind="quiet" onPress={() => void onCopy(code)} />
  </View>
);
