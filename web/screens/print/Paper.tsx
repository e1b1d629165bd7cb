import { STANDING_CAUTION } from '@kotabi/core/formats/plain-text';
import { Button } from 'antd';
import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import styles from './print.module.css';

/** A sheet of paper: what it is, what is on it, and the cautions below, as on everything that is handed out. */
export const Paper = ({
  title,
  about,
  children,
}: {
  title: string;
  about: ReactNode;
  children: ReactNode;
}) => (
  <main className={styles.sheet}>
    <header>
      <div>
        <h1>{title}</h1>
        <p>{about}</p>
      </div>
      <Button className={styles.noPrint} icon={<Printer size={16} />} onClick={() => window.print()}>
        Print
      </Button>
    </header>
    {children}
    <footer>{STANDING_CAUTION}</footer>
  </main>
);
