import { useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { ApiFailure, messageOf, request } from '../../api/client';
import { useMessages } from '../../shell/messages';

/** Opens a file of moves: a button's work and the hidden field it needs. */
export const useOpenMoves = () => {
  const field = useRef<HTMLInputElement>(null);
  const client = useQueryClient();
  const { message, tell } = useMessages();
  const read = async (file: File): Promise<void> => {
    try {
      const text = await file.text();
      const { kept, known } = await request<{ kept: number; known: number }>('POST', '/api/moves/open', {
        text,
      });
      await client.invalidateQueries({ queryKey: ['moves'] });
      const had = known > 0 ? ` ${known} you had already.` : '';
      message.success(`${kept} move${kept === 1 ? '' : 's'} came in.${had}`);
    } catch (error) {
      const fields = error instanceof ApiFailure ? error.error.fields : [];
      tell({
        title: 'This file could not be opened',
        content: (
          <>
            <p>{messageOf(error)} Nothing was taken in.</p>
            <ul>
              {fields.slice(0, 8).map((f) => (
                <li key={`${f.path}${f.message}`}>
                  {f.line !== undefined && `Line ${f.line}, column ${f.column}: `}
                  {f.path} {f.message}
                </li>
              ))}
            </ul>
          </>
        ),
      });
    }
  };
  return {
    choose: () => field.current?.click(),
    input: (
      <input
        ref={field}
        type="file"
        accept=".json,application/json"
        aria-label="File of moves"
        style={{ display: 'none' }}
        onChange={(e) => {
          const [file] = e.target.files ?? [];
          e.target.value = '';
          if (file) void read(file);
        }}
      />
    ),
  };
};
