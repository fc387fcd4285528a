<script setup lang="ts">
import type { BedKind, Garden } from '~~/core/model'
import type { BedFacts } from '~~/core/bed'
import type { StoredGarden } from '~~/shared/answers'

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
  <main id="content" class="max-w-337 my-0 mx-auto pt-7.5 pb-17 px-7 max-[700px]:px-4" tabindex="-1">
    <header class="top flex items-center gap-4 mb-7.5 max-[700px]:flex-wrap max-[700px]:gap-2.5">
      <ProgramMark :size="40" />
      <h1 class="text-2xl font-semibold max-[700px]:text-xl">Amber Terrace</h1>
      <span class="flex-1" />
      <GardensStoreMenu />
      <GardensBringIn v-if="!isEmpty" @taken="load" />
      <UButton icon="i-lucide-plus" @click="openForm(null)">New garden</UButton>
    </header>
    <p v-if="problem" class="problem text-amber-deep py-3.5 px-0" role="alert">
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
      class="w-91 mb-5.5"
    />
    <p v-if="noneAnswers" class="text-soft py-3.5 px-0">No garden answers “{{ find }}”.</p>
    <section v-for="{ garden, beds } in gardens ?? []" :key="garden.id" class="mb-9.5">
      <div
        class="flex items-center gap-3.5 border-b border-line pb-2.5 mb-4.5 max-[700px]:flex-wrap max-[700px]:gap-2.5"
      >
        <h2 class="text-xl font-semibold max-[700px]:whitespace-normal truncate">{{ garden.value.name }}</h2>
        <span class="text-soft text-sm whitespace-nowrap max-[700px]:whitespace-normal">
          {{ garden.value.place.town }} · zone {{ garden.value.place.hardinessZone }} ·
          {{ frostWords(garden.value) }}
        </span>
        <span class="flex-1" />
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
      <div v-roving="'.bed'" class="grid grid-cols-[repeat(auto-fill,minmax(min(520px,100%),1fr))] gap-6.5">
        <article
          v-for="bed in beds"
          :key="bed.id"
          class="bed relative bg-card border border-line rounded-lg pt-3 pb-3.5 px-3 hover:border-amber"
        >
          <NuxtLink :to="`/beds/${bed.id}/${bed.facts.drifts > 0 ? 'compose' : 'ground'}`" class="open block">
            <ClientOnly><KeptPicture :card="bed" :height="190" /></ClientOnly>
            <h3 class="text-lg font-semibold mt-3 mr-11.5 mb-px ml-1 wrap-anywhere">{{ bed.name }}</h3>
            <p class="text-soft text-sm ml-1">
              {{ bedSizeWords(bed.facts, garden.value) }} · {{ plantsOf(bed.facts) }}
            </p>
          </NuxtLink>
          <UButton
            size="xs"
            color="neutral"
            variant="ghost"
            icon="i-lucide-trash-2"
            class="absolute right-3 bottom-3.5"
            :aria-label="`Remove ${bed.name}`"
            @click="remove('beds', bed.id, bed.name)"
          />
        </article>
        <p v-if="beds.length === 0" class="text-soft py-3.5 px-0">No bed yet: measure the first with New bed.</p>
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
