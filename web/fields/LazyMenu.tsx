import type { MenuProps } from 'antd';
import { Button, type ButtonProps } from 'antd';
import { Suspense, useState } from 'react';
import { later } from '../later/later';

const MenuButton = later(async () => (await import('./MenuButton')).default);

type Props = ButtonProps & { menu: MenuProps };

/** A button with a menu; the menu is loaded when it is opened for the first time. */
export const LazyMenu = ({ menu, ...button }: Props) => {
  const [wanted, setWanted] = useState(false);
  const plain = <Button {...button} aria-haspopup="menu" onClick={() => setWanted(true)} />;
  if (!wanted) return plain;
  return (
    <Suspense fallback={plain}>
      <MenuButton menu={menu} {...button} />
    </Suspense>
  );
};
