import type { Kept, Week, WeekRule } from '@kotabi/core/model';
import { withRule } from '@kotabi/core/schedule';
import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { messageOf } from '../../api/client';
import { usePut } from '../../api/queries';
import { useMessages } from '../../shell/messages';

/** Makes a rule that of the week, and goes there; its breaks stay as they are until it is planned again. */
export const TakeRule = ({
  week,
  rule,
  back,
}: {
  week: Kept<Week>;
  rule: WeekRule | undefined;
  back: string;
}) => {
  const put = usePut<Week>('weeks');
  const go = useNavigate();
  const { message } = useMessages();
  if (!rule || rule === week.value.rule) return null;
  const take = (): void =>
    put.mutate(
      { baseVersion: week.version, value: withRule(week.value, rule) },
      {
        onSuccess: () => {
          message.success('It is the rule of the week now. Plan the week to follow it.');
          void go(back);
        },
        onError: (error) => message.error(messageOf(error)),
      },
    );
  return (
    <Button type="primary" loading={put.isPending} onClick={take}>
      Take this rule
    </Button>
  );
};
