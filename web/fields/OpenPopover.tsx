import { Button, type ButtonProps, Popover } from 'antd';
import { type ReactNode, Suspense, useState } from 'react';

/** A button whose form is open when it first appears. */
const OpenPopover = ({
  about,
  content,
  ...button
}: Omit<ButtonProps, 'content'> & { about: string; content: ReactNode }) => {
  const [open, setOpen] = useState(true);
  return (
    <Popover
      trigger="click"
      placement="bottomRight"
      title={about}
      open={open}
      onOpenChange={setOpen}
      content={<Suspense>{content}</Suspense>}
    >
      <Button {...button} />
    </Popover>
  );
};
export default OpenPopover;
