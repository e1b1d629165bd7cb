import type { Break, Kept } from '@kotabi/core/model';
import { useNavigate } from 'react-router';
import { ApiFailure, messageOf, request } from '../../api/client';
import { queryClient } from '../../api/queries';
import { useMessages } from '../../shell/messages';

/** Opens a break file; a broken or foreign one is answered with a sentence that names the place. */
export const useOpenFile = () => {
  const { message, tell } = useMessages();
  const navigate = useNavigate();
  return async (file: File): Promise<void> => {
    try {
      const kept = await request<Kept<Break>>('POST', '/api/breaks/open', { text: await file.text() });
      await queryClient.invalidateQueries();
      message.success(`“${kept.value.name}” was opened.`);
      navigate(`/breaks/${kept.value.id}`);
    } catch (error) {
      const places = error instanceof ApiFailure ? error.error.fields : [];
      tell({
        title: `${file.name} could not be opened`,
        content: (
          <>
            <p>Nothing was changed.</p>
            <ul style={{ paddingLeft: 18 }}>
              {places.slice(0, 6).map((p) => (
                <li key={`${p.line}.${p.path}.${p.message}`}>
                  {p.line !== undefined && `Line ${p.line}, column ${p.column}: `}
                  {p.path && <b>{p.path} </b>}
                  {p.message}
                  {p.value !== undefined && ` (found: ${JSON.stringify(p.value)})`}
                </li>
              ))}
            </ul>
            {places.length === 0 && <p>{messageOf(error)}</p>}
            {places.length > 6 && <p>… and {places.length - 6} more.</p>}
          </>
        ),
      });
    }
  };
};
