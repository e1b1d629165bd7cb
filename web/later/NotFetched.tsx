import { useEffect } from 'react';
import styles from './later.module.css';

export interface AskedAgain {
  /** Makes sure that the part is fetched anew when it is next shown. */
  renew: () => void;
  /** Shows the part, once it is asked for anew. */
  again: () => void;
}
interface Props extends AskedAgain {
  /** Does without it, where the part is one that can be closed. */
  close?: () => void;
}

/** Said where a part of a screen could not be fetched; the rest of the screen goes on. */
export const NotFetched = ({ renew, again, close }: Props) => {
  useEffect(renew, [renew]);
  return (
    <div role="alert" className={styles.note}>
      <p>
        This part could not be fetched: the server does not answer, or was brought up to date meanwhile.
        Nothing of your work is lost. Try again; if that does not help, open the page anew.
      </p>
      <button type="button" onClick={again}>
        Try again
      </button>
      {close && (
        <button type="button" onClick={close}>
          Leave it
        </button>
      )}
    </div>
  );
};
