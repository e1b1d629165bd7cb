import { type Approach, type Break, FormKind, type Move, type MoveLookup } from '@kotabi/core/model';
import type { Audience } from '@kotabi/core/review';
import { Layers } from 'lucide-react';
import { nanoid } from 'nanoid';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { messageOf } from '../../api/client';
import { useBreaks, usePut } from '../../api/queries';
import { LazyMenu } from '../../fields/LazyMenu';
import { useMessages } from '../../shell/messages';
import { useGoOn } from '../../shell/useGoOn';
import { FORM_WORDS } from '../../words/forms';
import type { BreakStore } from './store';

export interface FormsProps {
  store: BreakStore;
  moves: readonly Move[];
  lookup: MoveLookup;
  approach: Approach;
  audience: Audience | null;
}

/** Other forms of this break: making them, and going to those that are there. */
export const FormsMenu = ({ store, moves, lookup, approach, audience }: FormsProps) => {
  const { value: brk } = useStore(store);
  const breaks = useBreaks().data ?? [];
  const put = usePut<Break>('breaks');
  const goOn = useGoOn();
  const { message } = useMessages();
  const own = breaks.filter((b) => b.value.formOf?.breakId === brk.id);
  const make = async (kind: FormKind): Promise<void> => {
    try {
      const { makeForm } = await import('@kotabi/core/forms');
      const form = makeForm(brk, kind, { moves, lookup, approach, audience, newId: () => nanoid(10) });
      await put.mutateAsync({ baseVersion: 0, value: form });
      goOn(`/breaks/${form.id}`);
      message.success(`“${form.name}” was made. It stays linked to this break.`);
    } catch (error) {
      message.error(messageOf(error));
    }
  };
  return (
    <LazyMenu
      icon={<Layers size={16} />}
      menu={{
        items: [
          ...FormKind.options.map((kind) => ({
            key: kind,
            label: `Make its ${FORM_WORDS[kind].make.toLowerCase()}`,
            disabled: brk.items.length === 0,
            onClick: () => void make(kind),
          })),
          ...(own.length > 0
            ? [
                { type: 'divider' as const },
                ...own.map((b) => ({
                  key: b.value.id,
                  label: <Link to={`/breaks/${b.value.id}`}>{b.value.name}</Link>,
                })),
              ]
            : []),
        ],
      }}
    >
      Forms{own.length > 0 ? ` (${own.length})` : ''}
    </LazyMenu>
  );
};
