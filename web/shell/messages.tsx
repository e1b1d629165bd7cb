import { message as antMessage } from 'antd';
import { createContext, type ReactNode, Suspense, useContext, useMemo, useState } from 'react';
import { later } from '../later/later';
import './messages.css';
import type { Trouble } from './trouble';

type MessageApi = ReturnType<typeof antMessage.useMessage>[0];

interface Messages {
  message: MessageApi;
  /** Tells at length what went wrong, until it has been read. */
  tell: (trouble: Trouble) => void;
}

const Context = createContext<Messages | null>(null);
const TroubleDialog = later(async () => (await import('./TroubleDialog')).default);

/** Short messages at the foot of every screen, and longer ones in a dialog that is loaded when there is one. */
export const MessagesProvider = ({ children }: { children: ReactNode }) => {
  const [message, holder] = antMessage.useMessage({ maxCount: 3 });
  const [trouble, setTrouble] = useState<Trouble | null>(null);
  const value = useMemo(() => ({ message, tell: setTrouble }), [message]);
  return (
    <Context.Provider value={value}>
      {holder}
      {children}
      {trouble && (
        <Suspense>
          <TroubleDialog {...trouble} close={() => setTrouble(null)} />
        </Suspense>
      )}
    </Context.Provider>
  );
};

/** The messages of the screen one is on. */
export const useMessages = (): Messages => {
  const messages = useContext(Context);
  if (!messages) throw new Error('There is nothing here that could show a message.');
  return messages;
};
