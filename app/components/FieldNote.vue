<script setup lang="ts">
import { UNIT_SPACE } from '~~/core/measure'

/** A small mark beside a word or a figure; pressed, it says what the word means or how one comes by the figure. */
const props = defineProps<{ of: FieldNoteOf }>()
const { say } = useManner()
const id = useId()
const entry = computed(() => FIELD_NOTES[props.of])
/** Figures of a note are written plainly: here they get the space by which a garden's units are put in. */
const note = computed(() => say(entry.value.note.replace(/(\d) (m|cm|°C)(?![\p{L}\d])/gu, `$1${UNIT_SPACE}$2`)))
</script>

<template>
  <span class="inline-flex align-middle print:hidden">
    <button
      type="button"
      class="mark hover:text-amber-deep focus-visible:text-amber-deep"
      :popovertarget="id"
      :aria-label="`What is meant: ${entry.word}`"
      :style="{ anchorName: `--${id}` }"
    >
      i
    </button>
    <span :id="id" popover class="said" role="note" :style="{ positionAnchor: `--${id}` }">
      <b class="block font-serif text-base">{{ entry.word }}</b>
      {{ note }}
    </span>
  </span>
</template>

<style scoped>
.mark::before {
  content: '';
  position: absolute;
  inset: 3.5px;
  border: 1px solid currentcolor;
  border-radius: 50%;
  opacity: 0.55;
}
@layer components {
  .mark {
    position: relative;
    flex: none;
    width: 24px;
    height: 24px;
    margin: -2px 1px;
    color: var(--soft);
    font: italic 600 var(--text-sm) / 24px var(--font-serif);
    text-align: center;
  }
  .said {
    max-width: 300px;
    padding: 10px 13px;
    border: 1px solid var(--line);
    border-radius: 8px;
    background: var(--card);
    color: var(--ink);
    box-shadow: 0 6px 24px rgb(40 30 15 / 18%);
    font: 400 var(--text-sm) / 1.5 var(--font-sans);
    text-align: left;
    white-space: normal;
    position-area: bottom span-all;
    position-try-fallbacks: flip-block;
  }
}
</style>
