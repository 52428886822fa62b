/** The part of clipper-lib that cards are cut with. */
declare module 'clipper-lib' {
  interface IntPoint {
    X: number;
    Y: number;
  }
  type Path = IntPoint[];
  type Paths = Path[];
  class ClipperOffset {
    constructor(miterLimit?: number, arcTolerance?: number);
    AddPaths(paths: Paths, joinType: number, endType: number): void;
    Execute(solution: Paths, delta: number): void;
  }
  class Clipper {
    AddPaths(paths: Paths, polyType: number, closed: boolean): boolean;
    Execute(clipType: number, solution: Paths, subjectFill: number, clipFill: number): boolean;
    static SimplifyPolygons(paths: Paths, fill: number): Paths;
  }
  const ClipperLib: {
    ClipperOffset: typeof ClipperOffset;
    Clipper: typeof Clipper;
    ClipType: { ctUnion: number; ctIntersection: number };
    PolyType: { ptSubject: number; ptClip: number };
    PolyFillType: { pftNonZero: number };
    JoinType: { jtRound: number };
    EndType: { etClosedPolygon: number };
  };
  export default ClipperLib;
}
