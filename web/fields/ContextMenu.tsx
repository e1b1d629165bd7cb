import { Dropdown, type MenuProps } from 'antd';

interface Props {
  /** Where it was asked for, from the top left of the window. */
  at: { x: number; y: number };
  menu: MenuProps;
  close: () => void;
}

/** A menu at the pointer. */
const ContextMenu = ({ at, menu, close }: Props) => (
  <Dropdown
    open
    trigger={['click']}
    menu={{
      ...menu,
      onClick: (info) => {
        menu.onClick?.(info);
        close();
      },
    }}
    onOpenChange={(open) => !open && close()}
  >
    <span style={{ position: 'fixed', left: at.x, top: at.y, width: 1, height: 1 }} />
  </Dropdown>
);
export default ContextMenu;
