<script setup lang="ts">
import type { ViewportMarks } from '../../core';

defineProps<{ marks: ViewportMarks }>();

function box(r: { x: number; y: number; width: number; height: number }) {
  return { left: `${r.x}px`, top: `${r.y}px`, width: `${r.width}px`, height: `${r.height}px` };
}

/** The four sides of a rectangle, each a thin layer: one around all would be as large as the picture. */
function sides(r: { x: number; y: number; width: number; height: number }) {
  const { x, y, width, height } = r;
  return [
    { x, y, width, height: 1 },
    { x, y: y + height - 1, width, height: 1 },
    { x, y, width: 1, height },
    { x: x + width - 1, y, width: 1, height },
  ].map(box);
}
</script>

<template>
  <div v-if="marks.gate" data-gate aria-hidden="true">
    <i v-for="(r, k) in marks.gate.outside" :key="`o${k}`" class="outside" :style="box(r)" />
    <template v-if="marks.gate.frame">
      <i v-for="(s, k) in sides(marks.gate.frame)" :key="`f${k}`" class="line frame" :style="s" />
    </template>
    <template v-for="a in marks.gate.areas" :key="a.what">
      <i v-for="(s, k) in sides(a.rect)" :key="`${a.what}${k}`" class="line" :style="s" :data-area="a.what" />
      <span class="word" :style="{ left: `${a.rect.x + 4}px`, top: `${a.rect.y + 3}px` }" :class="a.what">
        {{ a.words }}
      </span>
    </template>
    <i
      v-for="(l, k) in marks.gate.lines"
      :key="`l${k}`"
      class="line"
      :class="l.what"
      :style="box({ x: l.x, y: l.y, width: l.upright ? 1 : l.length, height: l.upright ? l.length : 1 })"
    />
  </div>
</template>

<style scoped>
i,
.word {
  position: absolute;
  will-change: transform;
}
.outside {
  background: var(--panel);
  opacity: 0.55;
}
.line {
  background: var(--text);
  opacity: 0.55;
}
.frame {
  opacity: 0.85;
}
.third {
  opacity: 0.35;
}
.word {
  font-size: 11px;
  color: var(--text);
  background: var(--plate);
  padding: 0 4px;
}
/* The one lies just inside the other: their words stand side by side. */
.title {
  margin-left: 82px;
}
</style>
