export const newId = () => `d-${crypto.randomUUID().slice(0, 13)}`
