import { useHandbook, type Attempt, type AttemptEntry } from '../../shared/api';
import { Dialog } from '../../shared/ui/Dialog';
import { differences } from './model';

/** Two devices wrote the same attempt. Both versions are shown; the caster chooses, and nothing is lost before that. */
export function ConflictDialog({
  entry,
  current,
  onMine,
  onTheirs,
  onClose,
}: {
  entry: AttemptEntry;
  current: Attempt;
  onMine: () => void;
  onTheirs: () => void;
  onClose: () => void;
}) {
  const rows = differences(entry, current, useHandbook().fields);
  return (
    <Dialog open onClose={onClose} title="This was changed elsewhere" narrow>
      <p>Since you opened it, another device saved this attempt. Nothing is lost yet: compare, then choose.</p>
      <table className="mt-4 w-full text-left">
        <thead>
          <tr className="lettering">
            <th className="py-1 pr-3 font-medium">Value</th>
            <th className="py-1 pr-3 font-medium">Yours</th>
            <th className="py-1 font-medium">Stored</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.label} className="hairline align-baseline">
              <th scope="row" className="py-2 pr-3 font-normal text-soft">
                {row.label}
              </th>
              <td className="figure py-2 pr-3">{row.mine}</td>
              <td className="figure py-2">{row.stored}</td>
            </tr>
          ))}
          {rows.length === 0 && (
            <tr>
              <td colSpan={3} className="py-2">
                The two read the same.
              </td>
            </tr>
          )}
        </tbody>
      </table>
      <div className="mt-5 flex flex-wrap gap-3">
        <button type="button" className="press press-molten" onClick={onMine}>
          Save mine over it
        </button>
        <button type="button" className="press" onClick={onTheirs}>
          Take what is stored
        </button>
      </div>
    </Dialog>
  );
}
