<script setup lang="ts">
import { briefChecks } from '~~/core/judge'

/** The letter's checks for the bed: each requirement against each plant, and the bed as a whole. */
const brief = useBriefStore()
const store = useBedStore()
const { scene } = useScene()
const { beds, loadBeds } = useSite()
onMounted(() => {
  void loadBeds()
})
const others = computed(() => beds.value.filter((b) => b.id !== store.id).map((b) => b.bed))
const checks = computed(() =>
  scene.value && store.id ? briefChecks(brief.brief, scene.value, store.id, others.value) : [],
)
const kinds = computed(() => (scene.value ? [...scene.value.byPlant.keys()] : []))
const open = ref<string | null>(null)
const WORDS = { must: 'must', wish: 'wish', never: 'never' } as const
</script>

<template>
  <aside class="margin" aria-label="Checks of the brief" data-testid="brief-checks">
    <h2>{{ store.bed?.name }}</h2>
    <p v-if="checks.length === 0" class="hint">Each blank that is filled becomes a check here.</p>
    <ul>
      <li v-for="c in checks" :key="c.id" :class="{ met: c.met }">
        <button :aria-expanded="open === c.id" @click="open = open === c.id ? null : c.id">
          <UIcon :name="c.met ? 'i-lucide-check' : 'i-lucide-circle-alert'" class="icon" />
          <span>{{ c.label }}</span>
          <small>{{ WORDS[c.weight] }}</small>
        </button>
        <p class="total">{{ c.total }}</p>
        <div v-if="open === c.id" class="detail">
          <p class="hint">{{ c.how }}</p>
          <table v-if="c.having">
            <tbody>
              <tr v-for="p in kinds" :key="p.id">
                <td>{{ p.commonName }}</td>
                <td :class="{ has: c.having.has(p.id) }">{{ c.having.has(p.id) ? 'has it' : '–' }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </li>
    </ul>
  </aside>
</template>

<style scoped>
.margin {
  width: 300px;
  flex: none;
  border-left: 1px solid var(--line);
  background: var(--card);
  overflow-y: auto;
  padding: 14px 16px;
}
h2 {
  font-size: 16px;
  margin-bottom: 6px;
}
li {
  border-top: 1px solid var(--line);
  padding: 6px 0;
  font-size: 13px;
}
button {
  display: flex;
  gap: 6px;
  align-items: flex-start;
  text-align: left;
  cursor: pointer;
  width: 100%;
  line-height: 1.35;
}
button span {
  flex: 1;
}
button small {
  color: var(--soft);
  font-size: 11px;
}
.icon {
  width: 15px;
  height: 15px;
  margin-top: 2px;
  color: var(--amber-deep);
  flex: none;
}
.met .icon {
  color: var(--sage);
}
.total {
  color: var(--soft);
  font-size: 12px;
  padding-left: 21px;
}
.detail {
  padding: 4px 0 2px 21px;
}
.hint {
  color: var(--soft);
  font-size: 12px;
  line-height: 1.4;
}
table {
  width: 100%;
  font-size: 12px;
  margin-top: 4px;
}
td:last-child {
  text-align: right;
  color: var(--soft);
}
td.has {
  color: var(--ink);
  font-weight: 600;
}
</style>
