import { gardenCount, gardenMaterials, moneyPlan, type CountScope } from '~~/core/count'
import { bedFigures, bedFrame } from '~~/core/bed'
import { applyEdit, type Edit } from '~~/core/edit'
import { plantedByKind } from '~~/core/setout'

/** The count of the whole garden: its beds with the one under the hand as it is now, its lines, materials and money. */
export const useCount = createSharedComposable(() => {
  const bed = useBedStore()
  const library = useLibraryStore()
  const supply = useSupplyStore()
  const brief = useBriefStore()
  const garden = useGardenScene()
  const { ticks } = useTicks()
  const water = useWater()
  const toast = useToast()
  const manner = useManner()
  const scope = ref<CountScope>({})

  const beds = computed(() =>
    garden.stored.value.map((b) => ({ id: b.id, bed: b.id === bed.id ? (bed.kept ?? b.value) : b.value })),
  )
  const { units } = useManner()
  const frosts = computed(() => bed.garden?.value.place ?? { lastFrost: '05-01', firstFrost: '10-15' })
  const planted = computed(() => plantedByKind(ticks.value))
  const input = computed(() => ({
    beds: beds.value,
    library: library.byId,
    supply: supply.supply,
    issued: supply.issued,
    planted: planted.value,
    phases: brief.brief.phases,
  }))
  const whole = computed(() => gardenCount(input.value))
  const shown = computed(() =>
    Object.values(scope.value).some((v) => v !== undefined && v !== false)
      ? gardenCount(input.value, scope.value)
      : whole.value,
  )
  /** Placing all beds for their pipes is for those that have any. */
  const isDripped = computed(() => beds.value.some((b) => b.bed.ground.irrigation === 'drip'))
  const materials = computed(() =>
    gardenMaterials(
      beds.value,
      whole.value.lines,
      supply.supply.materials,
      units.value,
      isDripped.value ? water.need.value : null,
    ),
  )
  const areaM2 = computed(() => beds.value.reduce((n, b) => n + bedFigures(b.bed, bedFrame(b.bed)).areaM2, 0))
  const money = computed(() => moneyPlan(whole.value.lines, materials.value, supply.supply.money, areaM2.value))
  const asMoney = (n: number) => manner.money(n, supply.supply.money.currency)
  const nameOfBed = (id: string) => beds.value.find((b) => b.id === id)?.bed.name ?? 'a bed that is gone'

  /** Makes an edit in any bed of the garden: in the open one as always, in another one straight on the server. */
  async function editBed(bedId: string, edit: Edit) {
    if (bedId === bed.id) {
      bed.edit(edit)
      return
    }
    const stored = await ask('bed', `/api/beds/${bedId}`)
    const body = { revision: stored.revision, edits: [{ id: newId(), how: 'edit', edit }] }
    await request(`/api/beds/${bedId}/edits`, { method: 'POST', body })
    await garden.loadBeds()
  }

  /** Makes edits in several beds; what fails is said, and what was made can be taken back in one step. */
  async function editBeds(edits: ReadonlyMap<string, Edit>, name: string) {
    const inverses = new Map<string, Edit>()
    try {
      for (const [id, edit] of edits) {
        const before = beds.value.find((b) => b.id === id)
        await editBed(id, edit)
        if (before) inverses.set(id, applyEdit(before.bed, edit).inverse)
      }
    } catch (error) {
      toast.add({ title: messageOf(error), color: 'error' })
    }
    if (inverses.size === 0) return
    const takeBack = async () => {
      for (const [id, edit] of inverses) await editBed(id, edit)
    }
    toast.add({
      title: name,
      duration: 15000,
      actions: [{ label: 'Take back', color: 'neutral', variant: 'outline', onClick: () => void takeBack() }],
    })
  }

  return {
    scope,
    beds,
    units,
    frosts,
    whole,
    shown,
    materials,
    areaM2,
    money,
    asMoney,
    nameOfBed,
    editBed,
    editBeds,
  }
})
