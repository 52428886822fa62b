import type { ReactNode } from 'react';
import './help.css';
import type { HelpPicture } from '#formats/fields';

/** A dimension with arrow ticks. */
const Dim = ({ x1, y1, x2, y2 }: { x1: number; y1: number; x2: number; y2: number }) => (
  <g className="pic-dim">
    <line x1={x1} y1={y1} x2={x2} y2={y2} />
    {x1 === x2 ? (
      <path d={`M${x1 - 4},${y1}h8M${x2 - 4},${y2}h8`} />
    ) : (
      <path d={`M${x1},${y1 - 4}v8M${x2},${y2 - 4}v8`} />
    )}
  </g>
);

/** The section every picture starts from: tire and rim left of a fender lip. */
const Section = () => (
  <g>
    <path className="pic-tire" d="M62,96V70Q56,64 57,52Q58,34 70,31Q95,27 120,31Q132,34 133,52Q134,64 128,70V96" />
    <path className="pic-part" d="M62,70v12l14,3 6,14h26l6,-14 14,-3v-12" />
  </g>
);
const Fender = () => <path className="pic-solid" d="M158,2q4,16 2,22h-12v-3h9q1,-8 -3,-19z" />;
const Strut = () => <path className="pic-solid" d="M22,2h14v94H22z" />;
const Tool = ({ d }: { d: string }) => <path className="pic-tool" d={d} />;
const Lying = () => (
  <g>
    <path className="pic-part" d="M34,34h12v10q4,16 16,18h76q12,-2 16,-18v-10h12" />
    <path className="pic-part" d="M80,62v8h40v-8" />
  </g>
);
const Studs = ({ n, r = 27 }: { n: number; r?: number }) => (
  <g>
    <circle className="pic-part" cx={100} cy={50} r={42} />
    {Array.from({ length: n }, (_, i) => {
      const angle = (2 * Math.PI * i) / n - Math.PI / 2;
      return (
        <circle key={i} className="pic-solid" cx={100 + r * Math.cos(angle)} cy={50 + r * Math.sin(angle)} r={4} />
      );
    })}
  </g>
);
const HubSide = () => <path className="pic-solid" d="M60,8h22v14h26v56H82v14H60z" />;

const PICTURES: Record<HelpPicture, ReactNode> = {
  outboard: (
    <>
      <Section />
      <Fender />
      <Tool d="M160,24h6v72h-6z" />
      <Dim x1={134} y1={54} x2={160} y2={54} />
    </>
  ),
  inboard: (
    <>
      <Section />
      <Strut />
      <Dim x1={36} y1={54} x2={57} y2={54} />
    </>
  ),
  arch: (
    <>
      <Section />
      <path className="pic-solid" d="M84,2q0,8 2,10h18v-3H92q-2,-3 -2,-7z" />
      <Dim x1={98} y1={12} x2={98} y2={29} />
      <Tool d="M106,4h6v26h-6z" />
    </>
  ),
  rimWidth: (
    <>
      <Lying />
      <Dim x1={46} y1={24} x2={154} y2={24} />
      <path className="pic-thin" d="M46,24v12M154,24v12" />
    </>
  ),
  backspacing: (
    <>
      <Lying />
      <Tool d="M26,27h148v6H26z" />
      <Dim x1={100} y1={33} x2={100} y2={62} />
    </>
  ),
  stack: (
    <>
      <HubSide />
      <path className="pic-tool" d="M84,10h9v12h-9zM84,78h9v12h-9z" />
      <path className="pic-part" d="M94,4h10v18h6v56h-6v18H94" />
      <Dim x1={83} y1={96} x2={94} y2={96} />
    </>
  ),
  tireSize: (
    <>
      <path className="pic-tire" d="M20,98A80,80 0 0 1 180,98" />
      <path className="pic-part" d="M58,98A42,42 0 0 1 142,98" />
      <path className="pic-mark" d="M46,62A64,64 0 0 1 154,62" />
    </>
  ),
  section: (
    <>
      <Section />
      <Tool d="M50,12h6v50h-6zM134,12h6v50h-6zM50,12h90v6H50z" />
      <Dim x1={57} y1={48} x2={133} y2={48} />
    </>
  ),
  diameter: (
    <>
      <circle className="pic-tire" cx={100} cy={50} r={42} />
      <circle className="pic-part" cx={100} cy={50} r={24} />
      <Dim x1={156} y1={8} x2={156} y2={92} />
      <path className="pic-thin" d="M100,8h60M100,92h60" />
    </>
  ),
  tread: (
    <>
      <Section />
      <Dim x1={70} y1={20} x2={120} y2={20} />
    </>
  ),
  pattern: (
    <>
      <Studs n={4} />
      <Dim x1={100} y1={23} x2={100} y2={77} />
    </>
  ),
  bore: (
    <>
      <Studs n={5} r={32} />
      <circle className="pic-tire" cx={100} cy={50} r={17} />
      <Dim x1={83} y1={50} x2={117} y2={50} />
    </>
  ),
  lip: (
    <>
      <HubSide />
      <Dim x1={82} y1={88} x2={108} y2={88} />
      <path className="pic-thin" d="M108,78v14" />
    </>
  ),
  stud: (
    <>
      <path className="pic-solid" d="M60,8h22v84H60z" />
      <path className="pic-part" d="M82,44h54v12H82z" />
      <Dim x1={82} y1={72} x2={136} y2={72} />
    </>
  ),
  poke: (
    <>
      <Section />
      <Fender />
      <Tool d="M160,6h8v90h-8zM160,40h8v14h-8z" />
      <circle className="pic-mark" cx={164} cy={47} r={3} />
      <Tool d="M133,58h34v5h-34z" />
      <Dim x1={133} y1={72} x2={160} y2={72} />
    </>
  ),
} satisfies Record<string, ReactNode>;

/** A small drawing of where the rule goes. */
export function Picture({ name, title }: { name: HelpPicture; title: string }) {
  return (
    <svg className="picture" viewBox="0 0 200 100" role="img" aria-label={`Where the rule goes: ${title}`}>
      {PICTURES[name]}
    </svg>
  );
}
