import { MonitorUp, Smartphone, Users, X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Button } from '../Button';
import styles from '../lead.module.css';
import share from './share.module.css';
import type { Shared } from './useShare';

/** A picture that a phone reads an address from. */
const Code = ({ address }: { address: string }) => {
  const [picture, setPicture] = useState('');
  useEffect(() => {
    import('qrcode').then(
      ({ toString: draw }) =>
        draw(address, { type: 'svg', margin: 1, color: { dark: '#20293a', light: '#fffdf8' } }).then(
          setPicture,
        ),
      (error: unknown) => console.error('The picture of the address could not be drawn', error),
    );
  }, [address]);
  return picture ? (
    <img
      className={share.qr}
      alt={`Address as a picture: ${address}`}
      src={`data:image/svg+xml;utf8,${encodeURIComponent(picture)}`}
    />
  ) : null;
};

const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

interface Props {
  shared: Shared;
  /** Opens the group's view in a window of its own. */
  openWindow: () => void;
  close: () => void;
}

/** Other screens: the group's window, everyone's own screen by a link, a phone as remote. */
export const SharePanel = ({ shared, openWindow, close }: Props) => {
  const { room, presence, code, problem } = shared;
  const link = room ? `${location.origin}/join/${room.token}` : '';
  return (
    <aside className={share.share} aria-label="Other screens">
      <div className="bar">
        <h2>Other screens</h2>
        <span className="grow" />
        <Button quiet onClick={close} aria-label="Close">
          <X size={18} />
        </Button>
      </div>
      <Button onClick={openWindow}>
        <MonitorUp size={18} /> A window for the group
      </Button>
      <p className={styles.dim}>For a projector or a shared screen: no controls, no names.</p>
      {room ? (
        <>
          <label>
            A link for everyone’s own screen
            <input
              readOnly
              className={share.linkField}
              aria-label="Link for everyone"
              value={link}
              onFocus={(e) => e.target.select()}
            />
          </label>
          <p className={styles.dim} role="status">
            <Users size={16} /> {presence.screens}{' '}
            {presence.screens === 1 ? 'screen follows' : 'screens follow'}
          </p>
          <Button quiet onClick={() => void shared.close()}>
            Withdraw the link
          </Button>
        </>
      ) : (
        <Button onClick={() => void shared.open()}>
          <Users size={18} /> A link for everyone’s own screen
        </Button>
      )}
      {code ? (
        <div className={share.codeBox}>
          <p>
            On the phone open <b>{location.host}/remote</b> and enter
          </p>
          <p className={share.code} data-testid="remote-code">
            {code.slice(0, 3)} {code.slice(3)}
          </p>
          <Code address={`${location.origin}/remote#${code}`} />
          <p className={styles.dim}>It counts once, for five minutes.</p>
        </div>
      ) : (
        <Button onClick={() => void shared.newCode()}>
          <Smartphone size={18} /> A phone as remote
        </Button>
      )}
      {presence.remotes > 0 && (
        <p role="status">
          {presence.remotes === 1 ? 'One phone steers.' : `${presence.remotes} phones steer.`}{' '}
          <Button quiet onClick={() => void shared.revoke()}>
            Take it back
          </Button>
        </p>
      )}
      {LOOPBACK.includes(location.hostname) && (
        <p className={styles.dim}>
          This server answers only on this computer. For phones and others it has to run in your network; see
          “running” in the documents.
        </p>
      )}
      {problem && <p role="alert">{problem} Leading goes on.</p>}
    </aside>
  );
};
