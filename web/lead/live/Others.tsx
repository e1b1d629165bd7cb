import type { LiveCommand } from '@kotabi/core/model';
import { useEffect, useMemo } from 'react';
import type { Choices } from '../choices';
import type { LeadStore } from '../leadStore';
import type { LeadData } from '../load';
import { liveBreakOf } from './live-break';
import { SharePanel } from './SharePanel';
import { useGroupWindow } from './useGroupWindow';
import { useShare } from './useShare';

interface Props {
  data: LeadData;
  choices: Choices;
  store: LeadStore;
  mirror: boolean;
  note: string;
  obey: (command: LiveCommand) => void;
  /** Told whether the window of the group is open. */
  setThere: (there: boolean) => void;
  /** The panel of other screens is open. */
  open: boolean;
  close: () => void;
}

/** Everyone who follows: the group's window, other people's screens, remotes; and the panel that lets them in. */
export const Others = ({ data, choices, store, mirror, note, obey, setThere, open, close }: Props) => {
  const live = useMemo(() => liveBreakOf(data, choices), [data, choices]);
  const group = useGroupWindow(data.brk.id, live, store, mirror, note);
  const shared = useShare(live, data.group?.id ?? null, store, mirror, note, obey);
  useEffect(() => setThere(group.there), [group.there, setThere]);
  return open ? <SharePanel shared={shared} openWindow={group.open} close={close} /> : null;
};
