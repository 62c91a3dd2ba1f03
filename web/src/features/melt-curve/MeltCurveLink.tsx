import { Link, useNavigate } from 'react-router';
import { v7 as freshId } from 'uuid';
import { useChange } from '../../shared/record';

interface Props {
  attempt: string;
  label: string;
  heat: string | null;
  alloy: string | null;
  className?: string;
}

/** To the curve of a melt; where nothing was melted yet the melt begins here, so that instruments have something to be listened to for. */
export function MeltCurveLink({ attempt, label, heat, alloy, className = 'press' }: Props) {
  const change = useChange();
  const navigate = useNavigate();
  if (heat)
    return (
      <Link to={`/heats/${heat}/curve`} className={className}>
        Melt curve
      </Link>
    );
  const begin = async () => {
    const id = freshId();
    const done = await change({
      label,
      path: `/attempts/${attempt}/day`,
      changes: [
        { part: 'heat', id, create: {}, set: alloy ? { 'metal.alloy': { was: null, to: alloy } } : {} },
        { part: 'attempt', id: attempt, set: { heat: { was: null, to: id } } },
      ],
    });
    if (done.state === 'done') void navigate(`/heats/${id}/curve`);
  };
  return (
    <button type="button" className={className} onClick={() => void begin()}>
      Melt curve
    </button>
  );
}
