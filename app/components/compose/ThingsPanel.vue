<script setup lang="ts">
/** What is in a bed besides its drifts: things that do not grow, notes, orders that are kept, and where the lanes change. */
</script>

<template>
  <div class="things pt-1 pb-4.5 px-4" data-testid="things">
    <ComposeClientNotes />
    <ComposeFeatureList />
    <ComposeOrderList />
    <ComposeLaneStations />
    <ComposeNoteList />
    <ComposeWaterSwitch />
  </div>
</template>

<style>
/* Shared by the parts of this panel. */
.things section {
  border-bottom: 1px solid var(--line);
  padding: 9px 0 11px;
}
.things h3 {
  font-size: var(--text-base);
  font-weight: 600;
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 4px;
}
.things h3 button {
  font-family: var(--font-sans);
}
.things .hint {
  font-size: var(--text-xs);
  color: var(--soft);
  line-height: 1.4;
}
.things li {
  font-size: var(--text-sm);
  border-radius: 5px;
}
.things li > .line {
  display: flex;
  align-items: center;
  gap: 6px;
}
.things .name {
  flex: 1;
  text-align: left;
  padding: 3px 0;
  cursor: pointer;
}
.things .on {
  background: color-mix(in srgb, var(--amber) 12%, transparent);
}
.things .figures {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
  align-items: end;
  padding: 2px 0 8px;
}
.things .wide {
  grid-column: span 3;
}
</style>
