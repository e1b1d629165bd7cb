import { type Break, type Kept, stepsOf } from '@kotabi/core/model';
import type { Finding } from '@kotabi/core/review';
import { App, Button, Dropdown, Upload } from 'antd';
import { Copy, Download, FolderOpen, MoreHorizontal, Play, Plus, Trash2 } from 'lucide-react';
import { nanoid } from 'nanoid';
import { Link, useNavigate } from 'react-router';
import { messageOf, request } from '../../api/client';
import { queryClient, useBreaks, useDelete, useGroups, useMoves, usePut } from '../../api/queries';
import { Empty, Waiting } from '../../shell/State';
import { useTitle } from '../../shell/useTitle';
import { findingWords } from '../../words/findings';
import { length, minSec } from '../../words/time';
import { timed } from '../break/useTimed';
import styles from './breaks.module.css';
import { MiniSpine } from './MiniSpine';
import { newBreak } from './newBreak';
import { useOpenFile } from './useOpenFile';

/** The weightiest finding, and how many more there are. */
const findingsText = (findings: readonly Finding[]): string => {
  const [first, ...more] = findings;
  if (!first) return '';
  return `${findingWords(first).title}${more.length > 0 ? `, and ${more.length} more` : ''}`;
};

/** All breaks: how long they really take, whether the sides are even, what stands out. */
export const BreaksScreen = () => {
  useTitle('Breaks');
  const breaks = useBreaks();
  const groups = useGroups();
  const moves = useMoves();
  const put = usePut<Break>('breaks');
  const remove = useDelete('breaks');
  const navigate = useNavigate();
  const { message } = App.useApp();
  const openFile = useOpenFile();

  const create = async (value: Break): Promise<void> => {
    try {
      await put.mutateAsync({ baseVersion: 0, value });
      navigate(`/breaks/${value.id}`);
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

  const add = (
    <Button type="primary" icon={<Plus size={16} />} onClick={() => create(newBreak(nanoid(), breaks.data))}>
      New break
    </Button>
  );
  const open = (
    <Upload
      accept=".json,application/json"
      showUploadList={false}
      beforeUpload={(file) => {
        void openFile(file);
        return false; // read here, never sent anywhere by the picker itself
      }}
    >
      <Button icon={<FolderOpen size={16} />}>Open a break file</Button>
    </Upload>
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
      <ul className={styles.list}>
        {breaks.data.map((kept) => {
          const { value } = kept;
          const t = timed(value, moves.lookup);
          const total = t.ok ? t.timeline.totals.totalMs : 0;
          const over = total - value.slotSec * 1000;
          const count = stepsOf(value).length;
          return (
            <li key={value.id} className={`card ${styles.item}`}>
              <MiniSpine parts={t.ok ? t.timeline.parts : []} />
              <div className={styles.text}>
                <h2>
                  <Link to={`/breaks/${value.id}`}>{value.name}</Link>
                </h2>
                <p className="muted">{groupName(value.groupId)}</p>
                <p className="tabular">
                  {count === 0 ? (
                    'nothing in it yet'
                  ) : (
                    <>
                      <b>{minSec(total)}</b> of {minSec(value.slotSec * 1000)} min · {count} step
                      {count === 1 ? '' : 's'}
                      {over > 0 && <b className={styles.over}> · {length(over)} over</b>}
                    </>
                  )}
                </p>
                <p className="small muted">
                  {!t.ok
                    ? 'uses a move that is not here'
                    : count === 0
                      ? ''
                      : t.findings.length === 0
                        ? 'nothing stands out'
                        : findingsText(t.findings)}
                </p>
              </div>
              <div className={styles.actions}>
                <Button
                  icon={<Play size={15} />}
                  disabled={!t.ok || count === 0}
                  onClick={() => navigate(`/lead/${value.id}`)}
                >
                  Lead
                </Button>
                <Dropdown
                  trigger={['click']}
                  menu={{
                    items: [
                      {
                        key: 'copy',
                        icon: <Copy size={15} />,
                        label: 'Duplicate',
                        onClick: () =>
                          void create({ ...value, id: nanoid(), name: `${value.name.slice(0, 73)} (copy)` }),
                      },
                      {
                        key: 'file',
                        icon: <Download size={15} />,
                        label: (
                          <a href={`/api/breaks/${value.id}/file`} download>
                            Break file
                          </a>
                        ),
                      },
                      {
                        key: 'track',
                        icon: <Download size={15} />,
                        label: (
                          <a href={`/api/breaks/${value.id}/track`} download>
                            Cue track
                          </a>
                        ),
                      },
                      { type: 'divider' },
                      {
                        key: 'del',
                        danger: true,
                        icon: <Trash2 size={15} />,
                        label: 'Delete',
                        onClick: () => void del(kept),
                      },
                    ],
                  }}
                >
                  <Button
                    type="text"
                    aria-label={`More for ${value.name}`}
                    icon={<MoreHorizontal size={18} />}
                  />
                </Dropdown>
              </div>
            </li>
          );
        })}
      </ul>
    </div>
  );
};
