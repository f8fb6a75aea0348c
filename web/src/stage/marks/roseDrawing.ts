import type { RoseLozenge, RosePicture } from '../../core';

const COLOURS = ['x', 'y', 'z', 'plate', 'panel', 'line', 'text', 'quiet', 'accent', 'on-accent', 'on-axis'] as const;
type Colours = Record<(typeof COLOURS)[number], string>;

/** A small picture for each corner, drawn about its middle: where it stands as a part of the Rose's half diagonal. */
const CORNERS = [
  { part: 'home', x: 0, y: -1, picture: new Path2D('M-5.5 .5L0-5 5.5 .5M-3.5-1V5H3.5V-1') },
  { part: 'opposite', x: 0, y: 1, picture: new Path2D('M-5-2.2H5L2.6-4.6M5 2.2H-5L-2.6 4.6') },
  { part: 'pan', x: -1, y: 0, picture: new Path2D('M-5.5 0H5.5M0-5.5V5.5') },
  { part: 'dolly', x: 1, y: 0, picture: new Path2D('M0 3V-5.5M0-5.5l-3 3M0-5.5l3 3M-4.5 5.5H4.5') },
];

/** How much a colour stands out of the ground where a direction lies behind. */
const BEHIND = 0.5;

/** Paints a Rose on a small canvas of its own: it turns with every frame, and no element of the page changes for it. */
export class RoseDrawing {
  private readonly context: CanvasRenderingContext2D;
  private colours: Colours | null = null;

  constructor(private readonly canvas: HTMLCanvasElement) {
    this.context = canvas.getContext('2d')!;
  }

  /** The theme is another one: colours are read anew. */
  themed(): void {
    this.colours = null;
  }

  draw(rose: RosePicture): void {
    const c = (this.colours ??= this.read());
    const g = this.context;
    const pixels = window.devicePixelRatio || 1;
    const size = Math.round(rose.size * pixels);
    if (this.canvas.width !== size) this.canvas.width = this.canvas.height = size;
    g.setTransform(pixels, 0, 0, pixels, size / 2, size / 2);
    g.clearRect(-rose.size, -rose.size, 2 * rose.size, 2 * rose.size);
    this.lozenge(0, 0, rose.half);
    g.fillStyle = c.plate;
    g.fill();
    g.strokeStyle = c.line;
    g.lineWidth = 1;
    g.stroke();
    for (const curve of rose.curves)
      this.curve(curve.points, curve.horizon ? c.quiet : c.line, curve.horizon ? 1.6 : 1);
    if (rose.lit === 'rim') this.rim(rose.radius);
    for (const l of rose.lozenges) {
      if (l.axis && l.positive) this.arm(l, c[l.axis]);
    }
    for (const l of rose.lozenges) this.direction(l, c, rose);
    for (const corner of CORNERS) {
      this.corner(corner.x * rose.half, corner.y * rose.half, rose.corner, corner.picture, rose.lit === corner.part);
    }
  }

  private read(): Colours {
    const style = getComputedStyle(this.canvas);
    const of = (name: string) => style.getPropertyValue(`--${name}`).trim();
    return Object.fromEntries(COLOURS.map((name) => [name, of(name)])) as Colours;
  }

  private lozenge(x: number, y: number, half: number): void {
    const g = this.context;
    g.beginPath();
    g.moveTo(x, y - half);
    g.lineTo(x + half, y);
    g.lineTo(x, y + half);
    g.lineTo(x - half, y);
    g.closePath();
  }

  private curve(points: ArrayLike<number>, colour: string, width: number): void {
    const g = this.context;
    g.beginPath();
    for (let i = 0; i < points.length; i += 2) g.lineTo(points[i]!, points[i + 1]!);
    g.strokeStyle = colour;
    g.lineWidth = width;
    g.stroke();
  }

  private rim(radius: number): void {
    const g = this.context;
    g.beginPath();
    g.arc(0, 0, radius, 0, 2 * Math.PI);
    g.strokeStyle = this.colours!.accent;
    g.lineWidth = 2;
    g.stroke();
  }

  private arm(to: RoseLozenge, colour: string): void {
    const g = this.context;
    g.beginPath();
    g.moveTo(0, 0);
    g.lineTo(to.x, to.y);
    g.strokeStyle = colour;
    g.lineWidth = 2;
    g.globalAlpha = to.behind ? BEHIND : 1;
    g.stroke();
    g.globalAlpha = 1;
  }

  private direction(l: RoseLozenge, c: Colours, rose: RosePicture): void {
    const g = this.context;
    const lit = rose.lit === l.name;
    this.lozenge(l.x, l.y, lit ? l.half + 1.5 : l.half);
    if (lit || (l.axis && l.behind)) {
      g.fillStyle = c.panel;
      g.fill();
    }
    g.fillStyle = l.axis ? c[l.axis] : l.behind ? c.quiet : c.text;
    g.globalAlpha = l.behind && !lit ? BEHIND : 1;
    g.fill();
    g.globalAlpha = 1;
    if (lit) {
      g.strokeStyle = c.accent;
      g.lineWidth = 2;
      g.stroke();
    }
    if (!l.axis) return;
    const letter = (l.positive ? '' : '\u2212') + l.axis.toUpperCase();
    g.font = `700 ${l.positive ? rose.letter : rose.letter - 1.5}px 'Atkinson Hyperlegible', sans-serif`;
    g.textAlign = 'center';
    g.textBaseline = 'middle';
    g.fillStyle = l.behind && !lit ? c.text : c['on-axis'];
    g.fillText(letter, l.x, l.y + 0.5);
  }

  private corner(x: number, y: number, half: number, picture: Path2D, lit: boolean): void {
    const g = this.context;
    const c = this.colours!;
    this.lozenge(x, y, half);
    g.fillStyle = lit ? c.accent : c.panel;
    g.fill();
    g.strokeStyle = lit ? c.accent : c.line;
    g.lineWidth = 1;
    g.stroke();
    g.save();
    g.translate(x, y);
    g.scale(half / 12, half / 12);
    g.strokeStyle = lit ? c['on-accent'] : c.text;
    g.lineWidth = 1.5;
    g.stroke(picture);
    g.restore();
  }
}
