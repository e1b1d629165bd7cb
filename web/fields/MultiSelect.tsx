import { Select, type SelectProps } from 'antd';
import { useState } from 'react';

/**
 * A choice of several. Tab closes its list and goes on to the next field, as everywhere else; by itself the list
 * would take each Tab for another choice, and nobody could leave it by keyboard.
 */
export const MultiSelect = (props: SelectProps) => {
  const [open, setOpen] = useState(false);
  return (
    <div
      role="presentation"
      onKeyDownCapture={(e) => {
        if (e.key !== 'Tab') return;
        e.stopPropagation();
        setOpen(false);
      }}
    >
      <Select
        {...props}
        mode="multiple"
        open={open}
        onOpenChange={setOpen}
        style={{ width: '100%', ...props.style }}
      />
    </div>
  );
};
