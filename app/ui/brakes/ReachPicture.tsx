import './brakes.css';

const HUB_PICTURE =
  'A straightedge lies across the hub face; the rule reads from it outboard to the brake, ' +
  "at a radius from the hub's axis.";
const WHEEL_PICTURE =
  'A straightedge lies across the back flange of the wheel; the rule reads from it down to the barrel ' +
  'and to the back of the spokes, at a radius from the axis.';

/** Where the rule goes when a brake is traced: a straightedge on the hub face, the reach read at a radius. */
export const ReachPicture = () => (
  <svg className="brake-picture" viewBox="0 0 300 108" role="img" aria-label={HUB_PICTURE}>
    <line className="picture-axis" x1="8" x2="292" y1="98" y2="98" />
    <rect className="picture-body" x="96" y="62" width="26" height="36" />
    <path className="picture-part" d="M70 22 H176 V42 L168 56 H70 Z" />
    <line className="picture-edge" x1="122" x2="122" y1="10" y2="98" />
    <line className="picture-read" x1="122" x2="176" y1="34" y2="34" />
    <line className="picture-read" x1="212" x2="212" y1="34" y2="98" />
    <line className="picture-faint" x1="176" x2="218" y1="34" y2="34" />
    <text x="149" y="16" textAnchor="middle">
      reach
    </text>
    <text x="220" y="70">
      radius
    </text>
    <text x="116" y="16" textAnchor="end">
      straightedge
    </text>
    <text x="288" y="92" textAnchor="end">
      hub axis
    </text>
  </svg>
);

/** Where the rule goes in a wheel: a straightedge across the back flange, depths read from it at radii. */
export const DepthPicture = () => (
  <svg className="brake-picture" viewBox="0 0 300 108" role="img" aria-label={WHEEL_PICTURE}>
    <line className="picture-axis" x1="8" x2="292" y1="98" y2="98" />
    <path
      className="picture-metal"
      d="M70 18 L110 18 L126 30 L166 30 L182 20 L204 20 L212 40 L204 82 L204 98 L222 98 L222 14 L182 12 L70 10 Z"
    />
    <line className="picture-edge" x1="66" x2="66" y1="6" y2="98" />
    <line className="picture-read" x1="66" x2="209" y1="54" y2="54" />
    <line className="picture-read" x1="66" x2="146" y1="36" y2="36" />
    <line className="picture-read" x1="38" x2="38" y1="54" y2="98" />
    <line className="picture-faint" x1="34" x2="66" y1="54" y2="54" />
    <text x="138" y="69" textAnchor="middle">
      depth, spoke
    </text>
    <text x="132" y="48" textAnchor="middle">
      depth, barrel
    </text>
    <text x="32" y="80" textAnchor="end">
      radius
    </text>
    <text x="288" y="92" textAnchor="end">
      axis
    </text>
  </svg>
);
