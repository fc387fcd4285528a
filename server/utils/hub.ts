import { LiveHub } from '../live/LiveHub'

let hub: Promise<LiveHub> | null = null

/** The one hub of this process. */
export const useHub = () => (hub ??= useStore().then(({ db }) => new LiveHub(db.bus)))
