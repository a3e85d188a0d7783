import { useEffect } from 'react';
import { View } from 'react-native';
import { noticeDismissed, type Notice } from '../../state/notices';
import { useAppDispatch, useAppSelector } from '../../domain/store';
import { runAction } from '../../state/undo-actions';
import { Button } from '../../ui/button';
import { Text } from '../../ui/text';

/** Long enough to read and to reach the button, ms. */
const SHOWN_ms = 9000;

function NoticeLine({ notice }: { readonly notice: Notice }) {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const timer = setTimeout(() => dispatch(noticeDismissed(notice.id)), SHOWN_ms);
    return () => clearTimeout(timer);
  }, [dispatch, notice.id]);
  const { action } = notice;
  const press = () => {
    dispatch(noticeDismissed(notice.id));
    if (action) runAction(action.run);
  };
  return (
    <View
      role={notice.grave ? 'alert' : 'status'}
      className={`min-h-[52px] flex-row items-center justify-between gap-3 rounded-[12px] border px-4 py-1 ${notice.grave ? 'border-heat bg-heat' : 'border-panelline bg-panel'}`}
    >
      <Text className={`flex-1 text-15 ${notice.grave ? 'text-onheat' : 'text-onpanel'}`}>{notice.text}</Text>
      {action ? <Button label={action.label} kind="onPanel" onPress={press} /> : null}
    </View>
  );
}

/** Short messages over the page, the newest lowest. */
export function NoticeBar() {
  const notices = useAppSelector((state) => state.notices);
  if (notices.length === 0) return null;
  return (
    <View className="absolute left-3 right-3 top-3 z-50 gap-2 self-center md:left-auto md:right-6 md:w-[420px]">
      {notices.map((notice) => (
        <NoticeLine key={notice.id} notice={notice} />
      ))}
    </View>
  );
}
