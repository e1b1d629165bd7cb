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
    <footer>
      To the point of mild tension, never pain. Stop at anything sharp, numb or tingling, or when dizzy. With
      an injury, after surgery or with a known condition ask a doctor or physiotherapist first.
    </footer>
  </main>
);
