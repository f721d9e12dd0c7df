import { Link } from '../kit/Link';
import { Empty } from '../kit/States';

/** A sheet's address without a choice in it, as somebody may have kept it. */
export function NothingChosen() {
  return (
    <Empty whole title="No mould is chosen">
      Choose what to pour on{' '}
      <Link className="plain-link" to="/pour">
        Pour
      </Link>
      .
    </Empty>
  );
}
