import * as THREE from 'three';
import type { DrawPlan } from '../core';
import type { Theme } from '../shared/theme/theme';

/** Colours of lines, by theme; values are those of src/shared/theme/tokens.css. */
export interface Palette {
  /** Tells it from others. */
  name: string;
  axes: 'usual' | 'clear';
  wire: THREE.Vector4[];
  picked: THREE.Vector4[];
  grid: THREE.Vector4[];
  ink: THREE.Vector3;
  outline: THREE.Vector3;
  /** Of the Porthole. */
  rim: THREE.Vector3;
  /** Top and bottom of what lies behind everything. */
  ground: [THREE.Vector3, THREE.Vector3];
  /** Of the marks of lights and cameras. */
  marks: Record<'panel' | 'quiet' | 'ink' | 'pick' | 'caution' | 'onCaution', THREE.Vector3>;
  /** What shows between viewports. */
  between: number;
}

function rgba(hex: string, alpha: number): THREE.Vector4 {
  const n = parseInt(hex.slice(1), 16);
  return new THREE.Vector4((n >> 16) / 255, ((n >> 8) & 255) / 255, (n & 255) / 255, alpha);
}

function rgb(hex: string): THREE.Vector3 {
  const c = rgba(hex, 1);
  return new THREE.Vector3(c.x, c.y, c.z);
}

const none = rgba('#000000', 0);

export const palettes: Record<Theme, Palette> = {
  dusk: {
    name: 'dusk',
    axes: 'usual',
    wire: [none, rgba('#7fa9b8', 0.22), rgba('#9cc3d0', 0.62), none, none],
    picked: [none, rgba('#d77bf0', 0.32), rgba('#e6a6f7', 0.6), none, none],
    grid: [
      rgba('#9fc3d0', 0.07),
      rgba('#9fc3d0', 0.17),
      rgba('#f0605d', 0.55),
      rgba('#6cc24a', 0.55),
      rgba('#4c8dff', 0.6),
    ],
    ink: rgb('#10242f'),
    outline: rgb('#d77bf0'),
    rim: rgb('#5ad1b8'),
    ground: [rgb('#1b3240'), rgb('#10202b')],
    marks: {
      panel: rgb('#0c1820'),
      quiet: rgb('#93a9b3'),
      ink: rgb('#e6eef0'),
      pick: rgb('#d77bf0'),
      caution: rgb('#f2b544'),
      onCaution: rgb('#1c1300'),
    },
    between: 0x0c1820,
  },
  chalk: {
    name: 'chalk',
    axes: 'usual',
    wire: [none, rgba('#2f5160', 0.26), rgba('#1d3a47', 0.66), none, none],
    picked: [none, rgba('#8f2fae', 0.34), rgba('#7a1f99', 0.55), none, none],
    grid: [
      rgba('#24414e', 0.09),
      rgba('#24414e', 0.2),
      rgba('#c43330', 0.6),
      rgba('#37801c', 0.6),
      rgba('#1f5fd0', 0.6),
    ],
    ink: rgb('#1c3039'),
    outline: rgb('#8f2fae'),
    rim: rgb('#0e6f60'),
    ground: [rgb('#f0f4f1'), rgb('#dfe7e3')],
    marks: {
      panel: rgb('#f6f8f5'),
      quiet: rgb('#4c616b'),
      ink: rgb('#16242c'),
      pick: rgb('#8f2fae'),
      caution: rgb('#8a5c00'),
      onCaution: rgb('#ffffff'),
    },
    between: 0xf6f8f5,
  },
};

/** The other set of colours for X, Y and Z; the alphas are those of the usual one. */
const clear: Record<Theme, string[]> = {
  dusk: ['#e69f00', '#56b4e9', '#cc79a7'],
  chalk: ['#a85c00', '#1173ad', '#7d2f60'],
};

/** The colours of a theme, with one of the two sets for the axes. */
export function paletteOf(theme: Theme, axes: 'usual' | 'clear'): Palette {
  const palette = palettes[theme];
  if (axes === 'usual') return palette;
  const grid = palette.grid.map((tint, i) => (i < 2 ? tint : rgba(clear[theme][i - 2]!, tint.w)));
  return { ...palette, name: `${theme} ${axes}`, axes, grid };
}

const onto = new Map<string, Palette>();

/** The colours of a viewport whose background is its own. */
export function paletteOn(palette: Palette, plan: Pick<DrawPlan, 'background' | 'color' | 'light'>): Palette {
  const { background, color, light } = plan;
  if (background === 'gradient') return palette;
  const key = `${palette.name} ${background} ${color?.join(' ') ?? ''}`;
  let made = onto.get(key);
  if (!made) {
    const theme = light === undefined || light === null ? palette : paletteOf(light ? 'chalk' : 'dusk', palette.axes);
    const plain = theme.ground[0].clone().add(theme.ground[1]).multiplyScalar(0.5);
    const one = color ? new THREE.Vector3(...color) : plain;
    made = {
      ...theme,
      name: key,
      ground: background === 'chalk' ? theme.ground : [one, one],
      // Marks stand on plates of the theme.
      marks: palette.marks,
      between: palette.between,
    };
    onto.set(key, made);
  }
  return made;
}
