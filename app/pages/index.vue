<script setup lang="ts">
import type { BedFacts, BedKind } from '~~/core/bed'
import type { Garden } from '~~/shared/gardenSchema'
import type { StoredGarden } from '~~/shared/wire'

const { gardens, total, find, problem, load, more, makeGarden, changeGarden, makeBed, remove } = useGardens()
const blank: Garden = {
  name: '',
  units: 'metric',
  place: { town: '', latitude: 45, longitude: 0, hardinessZone: '6b', lastFrost: '05-08', firstFrost: '10-14' },
}
const gardenForm = shallowRef<{ stored: StoredGarden | null } | null>(null)
const bedFor = shallowRef<StoredGarden | null>(null)
const showFor = shallowRef<StoredGarden | null>(null)
const formProblem = ref('')

onMounted(() => {
  void load()
})

async function saveGarden(garden: Garden) {
  formProblem.value = ''
  try {
    const stored = gardenForm.value?.stored
    if (stored) await changeGarden(stored, garden)
    else await makeGarden(garden)
    gardenForm.value = null
  } catch (error) {
    formProblem.value = messageOf(error)
  }
}
async function saveBed(bed: { name: string; lengthM: number; depthM: number; kind: BedKind }) {
  formProblem.value = ''
  try {
    const stored = await makeBed(bedFor.value!.id, bed)
    await navigateTo(`/beds/${stored.id}/ground`)
  } catch (error) {
    formProblem.value = messageOf(error)
  }
}
const plantsOf = ({ plants }: BedFacts) => (plants === 0 ? 'nothing planted yet' : `${plants} plants`)
const manyGardens = computed(() => find.value !== '' || total.value > (gardens.value?.length ?? 0))
const none = computed(() => gardens.value?.length === 0)
const isEmpty = computed(() => none.value && find.value === '')
const noneAnswers = computed(() => none.value && find.value !== '')
const left = computed(() => total.value - (gardens.value?.length ?? 0))

function openForm(stored: StoredGarden | null) {
  formProblem.value = ''
  gardenForm.value = { stored }
}
function openBedForm(garden: StoredGarden) {
  formProblem.value = ''
  bedFor.value = garden
}
</script>

<template>
  <main id="content" class="page" tabindex="-1">
    <header class="top">
      <ProgramMark :size="40" />
      <h1>Amber Terrace</h1>
      <span class="space" />
      <GardensStoreMenu />
      <GardensBringIn v-if="!isEmpty" @taken="load" />
      <UButton icon="i-lucide-plus" @click="openForm(null)">New garden</UButton>
    </header>
    <p v-if="problem" class="problem" role="alert">
      {{ problem }}
      <UButton size="xs" variant="outline" color="neutral" @click="load">Try again</UButton>
    </p>
    <GardensFirstSteps v-else-if="isEmpty" @measure="openForm(null)" @looked="load" />
    <UInput
      v-if="manyGardens"
      v-model="find"
      icon="i-lucide-search"
      placeholder="A garden, town or bed"
      aria-label="Find a garden"
      class="find"
    />
    <p v-if="noneAnswers" class="empty">No garden answers “{{ find }}”.</p>
    <section v-for="{ garden, beds } in gardens ?? []" :key="garden.id" class="garden">
      <div class="title">
        <h2>{{ garden.value.name }}</h2>
        <span class="place">
          {{ garden.value.place.town }} · zone {{ garden.value.place.hardinessZone }} ·
          {{ frostWords(garden.value) }}
        </span>
        <span class="space" />
        <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-pencil" @click="openForm(garden)">
          Garden
        </UButton>
        <UButton size="xs" color="neutral" variant="ghost" icon="i-lucide-share-2" @click="showFor = garden">
          Show
        </UButton>
        <UButton
          size="xs"
          color="neutral"
          variant="ghost"
          icon="i-lucide-archive"
          :to="`/api/gardens/${garden.id}/archive.zip`"
          external
          download="garden.zip"
        >
          Archive
        </UButton>
        <UButton
          size="xs"
          color="neutral"
          variant="ghost"
          icon="i-lucide-trash-2"
          :aria-label="`Remove ${garden.value.name}`"
          @click="remove('gardens', garden.id, garden.value.name)"
        />
        <UButton size="sm" color="neutral" variant="outline" icon="i-lucide-plus" @click="openBedForm(garden)">
          New bed
        </UButton>
      </div>
      <div v-roving="'.bed'" class="beds">
        <article v-for="bed in beds" :key="bed.id" class="bed">
          <NuxtLink :to="`/beds/${bed.id}/${bed.facts.drifts > 0 ? 'compose' : 'ground'}`" class="open">
            <ClientOnly><KeptPicture :card="bed" :height="190" /></ClientOnly>
            <h3>{{ bed.name }}</h3>
            <p>{{ bedSizeWords(bed.facts, garden.value) }} · {{ plantsOf(bed.facts) }}</p>
          </NuxtLink>
          <UButton
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-trash-2"
            class="bin"
            :aria-label="`Remove ${bed.name}`"
            @click="remove('beds', bed.id, bed.name)"
          />
        </article>
        <p v-if="beds.length === 0" class="empty">No bed yet: measure the first with New bed.</p>
      </div>
    </section>
    <UButton v-if="left > 0" color="neutral" variant="outline" block @click="more">
      Show more: {{ left }} gardens follow
    </UButton>
    <UModal
      :open="gardenForm !== null"
      :title="gardenForm?.stored ? 'Garden' : 'New garden'"
      @update:open="
        (o) => {
          if (!o) gardenForm = null
        }
      "
    >
      <template #body>
        <GardenForm
          v-if="gardenForm"
          :garden="gardenForm.stored?.value ?? blank"
          :action="gardenForm.stored ? 'Save' : 'Make the garden'"
          :problem="formProblem"
          @save="saveGarden"
          @cancel="gardenForm = null"
        />
      </template>
    </UModal>
    <UModal
      :open="bedFor !== null"
      title="New bed"
      @update:open="
        (o) => {
          if (!o) bedFor = null
        }
      "
    >
      <template #body>
        <NewBedForm
          v-if="bedFor"
          :units="bedFor.value.units"
          :problem="formProblem"
          @make="saveBed"
          @cancel="bedFor = null"
        />
      </template>
    </UModal>
    <UModal
      :open="showFor !== null"
      :title="`Show ${showFor?.value.name ?? ''}`"
      description="A calm page to look at through months and years; your client marks places and writes, and you answer in Compose."
      @update:open="showFor = null"
    >
      <template #body>
        <GardensShowDialog v-if="showFor" :garden="showFor" />
      </template>
    </UModal>
  </main>
</template>

<style scoped>
.page {
  max-width: 1180px;
  margin: 0 auto;
  padding: 26px 24px 60px;
}
.top {
  display: flex;
  align-items: center;
  gap: 14px;
  margin-bottom: 26px;
}
h1 {
  font-size: 28px;
  font-weight: 600;
}
.space {
  flex: 1;
}
.garden {
  margin-bottom: 34px;
}
.title {
  display: flex;
  align-items: center;
  gap: 12px;
  border-bottom: 1px solid var(--line);
  padding-bottom: 8px;
  margin-bottom: 16px;
}
h2 {
  font-size: 21px;
  font-weight: 600;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.place {
  color: var(--soft);
  font-size: 13px;
  white-space: nowrap;
}
.beds {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(520px, 100%), 1fr));
  gap: 22px;
}
.bed {
  position: relative;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: 10px;
  padding: 10px 10px 12px;
}
.bed:hover {
  border-color: var(--amber);
}
.open {
  display: block;
}
h3 {
  font-size: 17px;
  font-weight: 600;
  margin: 10px 40px 1px 4px;
  overflow-wrap: anywhere;
}
.bed p {
  color: var(--soft);
  font-size: 13px;
  margin-left: 4px;
}
.bin {
  position: absolute;
  right: 10px;
  bottom: 12px;
}
.find {
  width: 320px;
  margin-bottom: 20px;
}
.empty {
  color: var(--soft);
  padding: 12px 0;
}
.problem {
  color: var(--amber-deep);
  padding: 12px 0;
}
@media (max-width: 700px) {
  .page {
    padding-inline: 14px;
  }
  .top,
  .title {
    flex-wrap: wrap;
    gap: 8px;
  }
  h1 {
    font-size: 22px;
  }
  h2,
  .place {
    white-space: normal;
  }
}
</style>
