<script setup lang="ts">
/** What is in a bed besides its drifts: things that do not grow, notes, orders that are kept, and where the lanes change. */
</script>

<template>
  <div class="things" data-testid="things">
    <ComposeClientNotes />
    <ComposeFeatureList />
    <ComposeOrderList />
    <ComposeLaneStations />
    <ComposeNoteList />
    <ComposeWaterSwitch />
  </div>
</template>

<style scoped>
.things {
  padding: 4px 14px 16px;
}
</style>
<style>
/* Shared by the parts of this panel. */
.things section {
  border-bottom: 1px solid var(--line);
  padding: 9px 0 11px;
}
.things h3 {
  font-size: 14px;
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
  font-size: 12px;
  color: var(--soft);
  line-height: 1.4;
}
.things li {
  font-size: 12.5px;
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
