import type { Break, Kept } from '@kotabi/core/model';
import { request } from '../../api/client';
import { queryClient } from '../../api/queries';
import { fileTrouble } from '../../shell/fileTrouble';
import { useMessages } from '../../shell/messages';
import { useGoOn } from '../../shell/useGoOn';

/** Opens a break file; a broken or foreign one is answered with a sentence that names the place. */
export const useOpenFile = () => {
  const { message, tell } = useMessages();
  const goOn = useGoOn();
  return async (file: File): Promise<void> => {
    try {
      const kept = await request<Kept<Break>>('POST', '/api/breaks/open', { text: await file.text() });
      await queryClient.invalidateQueries();
      message.success(`“${kept.value.name}” was opened.`);
      goOn(`/breaks/${kept.value.id}`);
    } catch (error) {
      tell(fileTrouble(file, error));
    }
  };
};
