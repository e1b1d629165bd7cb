import { Button, type ButtonProps, Dropdown, type MenuProps } from 'antd';
import { useState } from 'react';

/** A button whose menu is open when it first appears. */
const MenuButton = ({ menu, ...button }: ButtonProps & { menu: MenuProps }) => {
  const [open, setOpen] = useState(true);
  return (
    <Dropdown trigger={['click']} menu={menu} open={open} onOpenChange={setOpen} autoFocus>
      <Button {...button} aria-haspopup="menu" />
    </Dropdown>
  );
};
export default MenuButton;
