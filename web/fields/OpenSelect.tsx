import { Select, type SelectProps } from 'antd';
import { useState } from 'react';

/** A choice whose list is open when it first appears. */
const OpenSelect = (props: SelectProps) => {
  const [open, setOpen] = useState(true);
  return <Select {...props} autoFocus open={open} onOpenChange={setOpen} />;
};
export default OpenSelect;
