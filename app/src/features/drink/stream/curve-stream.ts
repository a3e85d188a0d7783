import type { CurveGenerator } from 'd3-shape';
import type { Path } from 'd3-path';

/**
 * A line down the page that turns smoothly where the width changes and runs straight where it does not. A pot
 * keeps its width over most of a row, so this is a shorter path, and a quicker one, than a curve in every place.
 */
class CurveStream implements CurveGenerator {
  private x = 0;
  private y = 0;
  /** Whether an edge of an area is being drawn: the second goes on from the end of the first. */
  private areaEdge = Number.NaN;
  private points = 0;

  constructor(private readonly context: CanvasPath | Path) {}

  areaStart(): void {
    this.areaEdge = 0;
  }

  areaEnd(): void {
    this.areaEdge = Number.NaN;
  }

  lineStart(): void {
    this.points = 0;
  }

  lineEnd(): void {
    if (this.areaEdge === 1 || (Number.isNaN(this.areaEdge) && this.points === 1)) this.context.closePath();
    this.areaEdge = 1 - this.areaEdge;
  }

  point(x: number, y: number): void {
    if (this.points === 0) {
      if (this.areaEdge === 1) this.context.lineTo(x, y);
      else this.context.moveTo(x, y);
    } else if (x === this.x) this.context.lineTo(x, y);
    else {
      const middle = (this.y + y) / 2;
      this.context.bezierCurveTo(this.x, middle, x, middle, x, y);
    }
    this.points += 1;
    this.x = x;
    this.y = y;
  }
}

export const curveStream = (context: CanvasRenderingContext2D | Path): CurveGenerator => new CurveStream(context);
