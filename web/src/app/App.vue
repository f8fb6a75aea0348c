<script setup lang="ts">
import type { Language } from 'element-plus/es/locale';
import GuideElsewhere from '../features/guide/GuideElsewhere.vue';
import MissingPart from './pages/MissingPart.vue';

/** The words of the library's own controls. */
defineProps<{ library: Language | undefined }>();
</script>

<template>
  <el-config-provider :locale="library">
    <GuideElsewhere><RouterView /></GuideElsewhere>
    <MissingPart />
  </el-config-provider>
</template>
