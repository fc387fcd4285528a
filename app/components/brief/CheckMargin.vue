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
  <aside
    class="w-86 flex-none border-l border-line bg-card overflow-y-auto py-4 px-4.5"
    aria-label="Checks of the brief"
    data-testid="brief-checks"
  >
    <h2 class="text-lg mb-1.5">{{ store.bed?.name }}</h2>
    <p v-if="checks.length === 0" class="hint text-soft text-xs leading-snug">
      Each blank that is filled becomes a check here.
    </p>
    <ul>
      <li class="border-t border-line py-1.5 px-0 text-sm" v-for="c in checks" :key="c.id" :class="{ met: c.met }">
        <button
          class="flex gap-1.5 items-start text-left cursor-pointer w-full leading-snug"
          :aria-expanded="open === c.id"
          @click="open = open === c.id ? null : c.id"
        >
          <UIcon
            :name="c.met ? 'i-lucide-check' : 'i-lucide-circle-alert'"
            class="mt-0.5 text-amber-deep flex-none [.met_&]:text-sage size-4.5"
          />
          <span class="flex-1">{{ c.label }}</span>
          <small class="text-soft text-xs">{{ WORDS[c.weight] }}</small>
        </button>
        <p class="total text-soft text-xs pl-6">{{ c.total }}</p>
        <div v-if="open === c.id" class="pt-1 pr-0 pb-0.5 pl-6">
          <p class="hint text-soft text-xs leading-snug">{{ c.how }}</p>
          <table class="w-full text-xs mt-1" v-if="c.having">
            <tbody>
              <tr v-for="p in kinds" :key="p.id">
                <td class="last:text-right last:text-soft">{{ p.commonName }}</td>
                <td
                  class="last:text-right last:text-soft [&.has]:text-ink [&.has]:font-semibold"
                  :class="{ has: c.having.has(p.id) }"
                >
                  {{ c.having.has(p.id) ? 'has it' : '–' }}
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </li>
    </ul>
  </aside>
</template>
