import type { Break } from '@kotabi/core/model';
import { type Timed, timed } from '@kotabi/core/review';
import { theme as antTheme, ConfigProvider, type ThemeConfig } from 'antd';
import { useMemo } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useBreak, useGroups, useMoves } from '../../api/queries';
import { Empty, Waiting } from '../../shell/State';
import { colour, theme } from '../../theme/tokens';
import { Leading } from './Leading';
import styles from './lead.module.css';

const dark: ThemeConfig = {
  algorithm: antTheme.darkAlgorithm,
  token: {
    fontFamily: theme.token?.fontFamily,
    fontSize: 16,
    borderRadius: 9,
    motion: false,
    colorPrimary: '#3E7562',
    colorBgBase: '#1C2530',
    colorTextBase: colour.oat,
    colorBgContainer: '#26313E',
    colorBgElevated: '#2A3542',
    colorBgContainerDisabled: '#26313E',
    colorBorder: '#5A6675',
    colorBorderDisabled: '#3E4958',
    colorTextDisabled: '#8B94A1',
    colorTextPlaceholder: '#A9B0BB',
  },
  components: {
    Button: {
      ...theme.components?.Button,
      defaultBg: '#2A3542',
      defaultColor: colour.oat,
      defaultBorderColor: '#5A6675',
      textTextColor: colour.oat,
    },
  },
};

/** Opens a break to be led. What is led is the break as it is now; later edits do not reach a running one. */
export const LeadScreen = () => {
  const { breakId = '' } = useParams();
  const { data, error, refetch } = useBreak(breakId);
  const moves = useMoves();
  const groups = useGroups();
  const navigate = useNavigate();
  const open = data && moves.data ? data.value : null;
  const lookup = moves.lookup;
  const t = useMemo(
    () => (open ? timed(open, lookup, moves.approach) : null),
    [open, lookup, moves.approach],
  );
  if (!open || !t) return <Waiting error={error ?? moves.error} retry={() => void refetch()} />;
  if (!t.ok || t.timeline.parts.length === 0)
    return (
      <div className="page">
        <Empty
          title="This break cannot be led yet"
          action={<a href={`/breaks/${breakId}`}>Open its sheet</a>}
        >
          {t.ok ? 'It has no steps.' : 'It uses a move that is not in your library.'}
        </Empty>
      </div>
    );
  const group = groups.data?.find((g) => g.value.id === open.groupId)?.value ?? null;
  return (
    <ConfigProvider theme={{ ...dark, inherit: false }}>
      <div className={styles.dark}>
        <Leading
          key={breakId}
          brk={open as Break}
          timed={t as Extract<Timed, { ok: true }>}
          groupName={group?.name ?? null}
          leave={() => navigate(`/breaks/${breakId}`)}
        />
      </div>
    </ConfigProvider>
  );
};
