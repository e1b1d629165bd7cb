import { Button } from 'antd';
import type { ReactNode } from 'react';
import { messageOf } from '../api/client';

/** What a list shows before it has anything: what to do first. */
export const Empty = ({
  title,
  children,
  action,
}: {
  title: string;
  children: ReactNode;
  action?: ReactNode;
}) => (
  <div className="card" style={{ padding: '40px 32px', maxWidth: 620 }}>
    <h2 style={{ marginBottom: 6 }}>{title}</h2>
    <p className="muted" style={{ marginBottom: action ? 18 : 0 }}>
      {children}
    </p>
    {action}
  </div>
);

/** Shown while something is fetched, or when it could not be. */
export const Waiting = ({ error, retry }: { error: unknown; retry?: () => void }) => {
  if (!error)
    return (
      <div style={{ padding: 40 }}>
        <span className="turning" aria-hidden="true" /> <span className="muted">One moment …</span>
      </div>
    );
  return (
    <div className="page">
      <Empty title="This could not be opened" action={retry && <Button onClick={retry}>Try again</Button>}>
        {messageOf(error)}
      </Empty>
    </div>
  );
};
