import { useEffect, useRef } from 'react';
import { Button } from './Button';
import styles from './controls.module.css';

interface Props {
  title: string;
  text: string;
  yes: string;
  no: string;
  onYes: () => void;
  onNo: () => void;
}

/** One question in the middle of the screen; Esc answers with no. */
export const Ask = ({ title, text, yes, no, onYes, onNo }: Props) => {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => dialog.current?.showModal(), []);
  return (
    <dialog
      ref={dialog}
      className={styles.ask}
      aria-labelledby="ask-title"
      onCancel={(e) => {
        e.preventDefault();
        onNo();
      }}
    >
      <h2 id="ask-title">{title}</h2>
      <p>{text}</p>
      <div className="bar">
        <Button main onClick={onYes}>
          {yes}
        </Button>
        <Button onClick={onNo}>{no}</Button>
      </div>
    </dialog>
  );
};
