import type { Break, Kept } from '@kotabi/core/model';
import { Button } from 'antd';
import { FolderOpen, Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import { Suspense, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import { messageOf, request } from '../../api/client';
import {
  queryClient,
  useApproach,
  useBreaks,
  useDelete,
  useGroups,
  useMoves,
  usePut,
} from '../../api/queries';
import { FileButton } from '../../fields/FileButton';
import { later } from '../../later/later';
import { useMessages } from '../../shell/messages';
import { Empty, Waiting } from '../../shell/State';
import { useGoOn } from '../../shell/useGoOn';
import { useTitle } from '../../shell/useTitle';
import { BreakItem } from './BreakItem';
import styles from './breaks.module.css';
import { copyOf, newBreak } from './newBreak';
import { useOpenFile } from './useOpenFile';

const StartDialog = later(async () => (await import('./StartDialog')).StartDialog);

/** All breaks: how long they really take, whether the sides are even, what stands out. */
export const BreaksScreen = () => {
  useTitle('Breaks');
  const breaks = useBreaks();
  const groups = useGroups();
  const moves = useMoves();
  const approach = useApproach();
  const put = usePut<Break>('breaks');
  const remove = useDelete('breaks');
  const goOn = useGoOn();
  const { message } = useMessages();
  const openFile = useOpenFile();
  const [starting, setStarting] = useState(false);

  useHotkeys('n', () => setStarting(true), { enabled: !starting, preventDefault: true });

  const create = async (value: Break, suggest = false): Promise<void> => {
    try {
      await put.mutateAsync({ baseVersion: 0, value });
      goOn(`/breaks/${value.id}`, { state: { suggest } });
    } catch (error) {
      message.error(messageOf(error));
    }
  };
  const restore = async ({ value }: Kept<Break>): Promise<void> => {
    message.destroy(`del-${value.id}`);
    await request('POST', `/api/breaks/${value.id}/restore`);
    await queryClient.invalidateQueries({ queryKey: ['breaks'] });
    message.success(`“${value.name}” is back.`);
  };
  const del = async (kept: Kept<Break>): Promise<void> => {
    const { value } = kept;
    try {
      await remove.mutateAsync(value.id);
      message.open({
        key: `del-${value.id}`,
        duration: 12,
        content: (
          <span>
            “{value.name}” was deleted.{' '}
            <Button
              type="link"
              size="small"
              onClick={() => restore(kept).catch((e: unknown) => message.error(messageOf(e)))}
            >
              Undo
            </Button>
          </span>
        ),
      });
    } catch (error) {
      message.error(messageOf(error));
    }
  };

  if (!breaks.data || !moves.data)
    return <Waiting error={breaks.error ?? moves.error} retry={() => void breaks.refetch()} />;
  const groupName = (id: string | null): string =>
    groups.data?.find((g) => g.value.id === id)?.value.name ?? 'for any group';

  const begun = newBreak(nanoid(), breaks.data, moves.approach, groups.data ?? []);
  const its = groups.data?.find((g) => g.value.id === begun.groupId)?.value;
  const school = approach.data?.value.schools.find((s) => s.id === its?.schoolId);
  const empty: Break = school ? { ...begun, approach: { ...school.answers } } : begun;
  const add = (
    <Button type="primary" title="New break (N)" icon={<Plus size={16} />} onClick={() => setStarting(true)}>
      New break
    </Button>
  );
  const open = (
    <FileButton
      accept=".json,application/json"
      icon={<FolderOpen size={16} />}
      onFile={(file) => void openFile(file)}
    >
      Open a break file
    </FileButton>
  );

  return (
    <div className="page">
      <div className="bar">
        <h1>Breaks</h1>
        <span className="grow" />
        {breaks.data.length > 0 && (
          <>
            {open}
            {add}
          </>
        )}
      </div>
      {breaks.data.length === 0 && (
        <Empty
          title="No breaks yet"
          action={
            <div className="bar">
              {add}
              {open}
            </div>
          }
        >
          A break is a short sequence of moves with holds, sides and breaths.{' '}
          {groups.data?.length === 0 ? (
            <>
              Best begin with <Link to="/people">the people you lead it for</Link>; or start one right away.
            </>
          ) : (
            'Start one, and see to the second how long it really takes.'
          )}
        </Empty>
      )}
      {starting && (
        <Suspense>
          <StartDialog
            empty={() => empty}
            firstSide={empty.firstSide}
            lookup={moves.lookup}
            approach={moves.approach}
            own={breaks.data.map((b) => b.value)}
            close={() => setStarting(false)}
            create={(value, suggest) => void create(value, suggest)}
          />
        </Suspense>
      )}
      <ul className={styles.list}>
        {breaks.data.map((kept) => (
          <BreakItem
            key={kept.value.id}
            kept={kept}
            groupName={groupName(kept.value.groupId)}
            shelf={moves.shelf}
            approach={moves.approach}
            duplicate={() => void create(copyOf(kept.value, nanoid()))}
            remove={() => void del(kept)}
          />
        ))}
      </ul>
    </div>
  );
};
