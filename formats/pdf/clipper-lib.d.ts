/** The part of clipper-lib that cards are cut with. */
declare module 'clipper-lib' {
  interface IntPoint {
    X: number;
    Y: number;
  }
  type Path = IntPoint[];
  type Paths = Path[];
  interface ClipperOffset {
    AddPaths(paths: Paths, joinType: number, endType: number): void;
    Execute(solution: Paths, delta: number): void;
  }
  interface Clipper {
    AddPaths(paths: Paths, polyType: number, closed: boolean): boolean;
    Execute(clipType: number, solution: Paths, subjectFill: number, clipFill: number): boolean;
  }
  const ClipperLib: {
    ClipperOffset: new (miterLimit?: number, arcTolerance?: number) => ClipperOffset;
    Clipper: { new (): Clipper; SimplifyPolygons(paths: Paths, fill: number): Paths };
    ClipType: { ctUnion: number; ctIntersection: number };
    PolyType: { ptSubject: number; ptClip: number };
    PolyFillType: { pftNonZero: number };
    JoinType: { jtRound: number };
    EndType: { etClosedPolygon: number };
  };
  export default ClipperLib;
}
