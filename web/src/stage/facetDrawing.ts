import type { FacetPicture } from '../core';

const SVG = 'http://www.w3.org/2000/svg';
const LOZENGE = 'M0-8.5 7.5 0 0 8.5-7.5 0Z';

type Values = Record<string, string | number>;

function make(parent: Element, name: string, classes: string, values: Values = {}): SVGElement {
  const e = document.createElementNS(SVG, name);
  e.setAttribute('class', classes);
  for (const [k, v] of Object.entries(values)) e.setAttribute(k, String(v));
  parent.appendChild(e);
  return e;
}

/** Shows the first of some pieces and hides the others; makes those that are missing. */
function pool<T>(pieces: T[], count: number, piece: () => T, show: (p: T, on: boolean) => void): T[] {
  while (pieces.length < count) pieces.push(piece());
  pieces.forEach((p, i) => show(p, i < count));
  return pieces;
}

interface Corner {
  group: SVGElement;
  edge: SVGElement;
  fill: SVGElement;
  letter: SVGElement;
  plain: SVGElement;
}

/** Draws a Facet by changing what is there: it moves with every frame, and nothing is rendered anew. */
export class FacetDrawing {
  private readonly ground: SVGElement;
  private readonly rings: SVGElement;
  private readonly left: SVGElement;
  private readonly right: SVGElement;
  private readonly level: SVGElement;
  private readonly solid: SVGElement;
  private readonly faces: SVGElement[] = [];
  private readonly corners: Corner[] = [];
  private readonly home: SVGElement;
  private readonly words: SVGElement;

  constructor(svg: SVGSVGElement) {
    this.ground = make(svg, 'circle', 'ground');
    this.rings = make(svg, 'g', '');
    this.left = make(this.rings, 'circle', 'ring', { pathLength: 360, transform: 'rotate(102)' });
    this.right = make(this.rings, 'circle', 'ring', { pathLength: 360, transform: 'rotate(-78)' });
    this.level = make(svg, 'path', 'level');
    this.solid = make(svg, 'g', '');
    this.home = make(svg, 'path', 'home', { d: 'M0-5.5 5 0 0 5.5-5 0Z' });
    this.words = make(make(svg, 'g', 'words'), 'text', '', { 'text-anchor': 'end' });
  }

  draw(f: FacetPicture): void {
    const middle = `translate(${f.x} ${f.y})`;
    this.set(this.ground, { cx: f.x, cy: f.y, r: f.ring });
    this.rings.setAttribute('transform', middle);
    for (const [ring, name] of [
      [this.left, 'roll-left'],
      [this.right, 'roll-right'],
    ] as const) {
      this.set(ring, { r: f.ring - 5, class: f.lit === name ? 'ring lit' : 'ring' });
    }
    this.set(this.level, { d: `M0 ${-f.ring + 4}l-4-7h8z`, transform: `${middle} rotate(${f.roll})` });
    pool(this.faces, f.faces.length, () => this.face(), this.shown).forEach((e, i) => {
      const face = f.faces[i];
      if (!face) return;
      this.set(e, { points: face.points.join(' '), class: face.lit ? 'face lit' : 'face' });
      e.style.setProperty('--light', `${Math.round(20 + face.light * 62)}%`);
    });
    pool(
      this.corners,
      f.corners.length,
      () => this.corner(),
      (c, on) => this.shown(c.group, on),
    ).forEach((c, i) => {
      if (f.corners[i]) this.drawCorner(c, f.corners[i]);
    });
    this.shown(this.home, f.home);
    this.set(this.home, { transform: middle, class: f.lit === 'home' ? 'home lit' : 'home' });
    this.set(this.words, { x: f.x + f.ring, y: f.y - f.ring - 6 });
    if (this.words.textContent !== (f.words ?? '')) this.words.textContent = f.words ?? '';
  }

  private drawCorner(c: Corner, to: FacetPicture['corners'][number]): void {
    this.set(c.group, {
      transform: `translate(${to.x} ${to.y})`,
      class: `${to.axis ? `axis ${to.axis}` : ''}${to.lit ? ' lit' : ''}`,
    });
    for (const e of [c.edge, c.fill]) this.shown(e, !!to.axis);
    this.shown(c.letter, !!to.axis && to.positive);
    this.shown(c.plain, !to.axis);
    if (!to.axis) return;
    c.fill.setAttribute('d', to.positive ? LOZENGE : 'M-7.5 0 7.5 0 0 8.5Z');
    const letter = to.axis.toUpperCase();
    if (c.letter.textContent !== letter) c.letter.textContent = letter;
  }

  private face(): SVGElement {
    const e = make(this.solid, 'polygon', 'face');
    // Faces lie below the corners.
    this.solid.insertBefore(e, this.corners[0]?.group ?? null);
    return e;
  }

  private corner(): Corner {
    const group = make(this.solid, 'g', '');
    return {
      group,
      edge: make(group, 'path', 'edge', { d: LOZENGE }),
      fill: make(group, 'path', 'fill'),
      letter: make(group, 'text', '', { y: 3.4, 'text-anchor': 'middle' }),
      plain: make(group, 'path', 'corner', { d: 'M0-4 3.5 0 0 4-3.5 0Z' }),
    };
  }

  private set(e: Element, values: Values): void {
    for (const k in values) e.setAttribute(k, String(values[k]));
  }

  private shown(e: Element, on: boolean): void {
    if (on) e.removeAttribute('display');
    else e.setAttribute('display', 'none');
  }
}
