import type { DocumentState } from './document';

/** Puts some fields of a document in place of what they were; edits with the same key that follow each other are one. */
export const changer =
  <T extends object>(edit: DocumentState<T>['edit']) =>
  (label: string, more: Partial<T>, key?: string): void =>
    edit(
      label,
      (draft) => {
        Object.assign(draft, more);
      },
      key ? { key } : {},
    );
