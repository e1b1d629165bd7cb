import { Button, type ButtonProps } from 'antd';
import { useRef } from 'react';

type Props = ButtonProps & {
  accept: string;
  /** What was chosen; it is read here and never sent anywhere by the button itself. */
  onFile: (file: File) => void;
};

/** A button that asks for a file. */
export const FileButton = ({ accept, onFile, ...button }: Props) => {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        onChange={(e) => {
          const file = e.target.files?.[0];
          // The same file can be chosen again after it has been mended.
          e.target.value = '';
          if (file) onFile(file);
        }}
      />
      <Button {...button} onClick={() => input.current?.click()} />
    </>
  );
};
