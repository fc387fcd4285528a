export default defineAppConfig({
  ui: {
    colors: {
      primary: 'moss',
      secondary: 'amber',
      success: 'sage',
      warning: 'amber',
      error: 'brick',
      neutral: 'stone',
    },
    button: { slots: { base: 'font-medium cursor-pointer' } },
    table: { slots: { th: 'py-2 px-3', td: 'py-1.5 px-3 text-ink' } },
  },
})
