import type { FieldProblem } from '@kotabi/core/model';
import { ApiFailure, messageOf } from '../api/client';
import type { Trouble } from './trouble';

/** So many of the places where something is wrong are shown. */
const SHOWN = 6;

/** The value that is wrong, where the message does not name it already. */
const found = ({ value, message }: FieldProblem): string =>
  value === undefined || message.includes(String(value)) ? '' : ` (found: ${JSON.stringify(value)})`;

/** Why a file could not be opened, with the places in it where something is wrong. */
export const fileTrouble = (file: File, error: unknown): Trouble => {
  const places = error instanceof ApiFailure ? error.error.fields : [];
  return {
    title: `${file.name} could not be opened`,
    content: (
      <>
        <p>Nothing was changed.</p>
        <ul style={{ paddingLeft: 18 }}>
          {places.slice(0, SHOWN).map((p) => (
            <li key={`${p.line}.${p.path}.${p.message}`}>
              {p.line !== undefined && `Line ${p.line}, column ${p.column}: `}
              {p.path && <b>{p.path} </b>}
              {p.message}
              {found(p)}
            </li>
          ))}
        </ul>
        {places.length === 0 && <p>{messageOf(error)}</p>}
        {places.length > SHOWN && <p>… and {places.length - SHOWN} more.</p>}
      </>
    ),
  };
};
