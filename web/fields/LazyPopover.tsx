import { Button, type ButtonProps } from 'antd';
import { type ReactNode, Suspense, useState } from 'react';
import { later } from '../later/later';

const OpenPopover = later(async () => (await import('./OpenPopover')).default);

type Props = Omit<ButtonProps, 'content'> & { about: string; content: ReactNode };

/** A button with a small form below it; both are loaded when it is opened for the first time. */
export const LazyPopover = ({ about, content, ...button }: Props) => {
  const [wanted, setWanted] = useState(false);
  const plain = <Button {...button} onClick={() => setWanted(true)} />;
  if (!wanted) return plain;
  return (
    <Suspense fallback={plain}>
      <OpenPopover about={about} content={content} {...button} />
    </Suspense>
  );
};
