import { Button } from 'antd';
import { type ReactNode, useState } from 'react';

/** A chart that can be read as a table as well: by key, aloud, or copied. */
export const AsTable = ({
  name,
  head,
  rows,
  children,
}: {
  name: string;
  head: readonly string[];
  rows: readonly (readonly string[])[];
  children: ReactNode;
}) => {
  const [table, setTable] = useState(false);
  return (
    <div>
      {table ? (
        <table className="list" aria-label={name}>
          <thead>
            <tr>
              {head.map((h) => (
                <th key={h} scope="col">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.join('|')}>
                {row.map((value, i) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: the columns never change
                  <td key={i} className="tabular">
                    {value}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      ) : (
        <div role="img" aria-label={`Chart: ${name}. The same as a table by the button below.`}>
          {children}
        </div>
      )}
      <Button type="link" size="small" aria-pressed={table} onClick={() => setTable(!table)}>
        {table ? 'As a chart' : 'As a table'}
      </Button>
    </div>
  );
};
