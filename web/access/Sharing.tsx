import type { Shared } from '@kotabi/core/model';
import { Button } from 'antd';
import { Users } from 'lucide-react';
import { Suspense, useState } from 'react';
import { useRoles, useShared } from '../api/queries';
import { later } from '../later/later';
import styles from './access.module.css';

const ShareDialog = later(async () => (await import('./ShareDialog')).ShareDialog);

interface Props {
  kind: Shared;
  id: string;
  name: string;
}

const LOOK: Record<Shared, string> = {
  groups: 'to look at',
  breaks: 'to look at: duplicate it to change it',
};

/** Whose something is, where it is a colleague’s; and for one’s own the button to share it. Nothing where nobody signs in. */
export const Sharing = ({ kind, id, name }: Props) => {
  const { signedIn } = useRoles();
  const from = useShared().find((one) => one.kind === kind && one.id === id);
  const [open, setOpen] = useState(false);
  if (!signedIn) return null;
  if (from)
    return (
      <span className={styles.tag}>
        {from.owner}’s, {from.may === 'edit' ? 'shared to be changed' : LOOK[kind]}
      </span>
    );
  return (
    <>
      <Button icon={<Users size={15} />} onClick={() => setOpen(true)}>
        Share
      </Button>
      <Suspense>
        {open && <ShareDialog kind={kind} id={id} name={name} onClose={() => setOpen(false)} />}
      </Suspense>
    </>
  );
};
