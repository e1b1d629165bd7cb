import { Button } from 'antd';
import { Trash2 } from 'lucide-react';

/** Takes away what is chosen; undo brings it back. */
export const RemoveButton = ({ remove }: { remove: () => void }) => (
  <Button size="small" danger icon={<Trash2 size={14} />} onClick={remove}>
    Remove
  </Button>
);
